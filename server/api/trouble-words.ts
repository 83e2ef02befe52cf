/** What is wrong with the database, for whoever asked. */
import type { Trouble } from '../runtime/database/trouble';

export const troubleWords: Readonly<Record<Trouble, string>> = {
  away: 'The database cannot be reached.',
  busy: 'The database has too much to do just now, or does not answer.',
  full: 'The disk that the database lies on is full: make room.',
  collided: 'Two changes stood in each other’s way.',
};
