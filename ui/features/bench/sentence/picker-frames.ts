/** What each picker is called, and how wide it opens. */
import type { PhraseId } from './phrases/phrases';

interface PickerFrame {
  readonly title: string;
  readonly widthPx: number;
}

export const pickerFrames: Readonly<Record<PhraseId | 'and', PickerFrame>> = {
  genus: { title: 'Which orchid', widthPx: 400 },
  roots: { title: 'How thick are its roots', widthPx: 400 },
  shows: { title: 'What it shows', widthPx: 520 },
  place: { title: 'Where it stands', widthPx: 400 },
  watering: { title: 'How you water', widthPx: 440 },
  now: { title: 'What it is in now', widthPx: 460 },
  size: { title: 'How large it is', widthPx: 340 },
  health: { title: 'The plant in hand', widthPx: 420 },
  hands: { title: 'Your bench', widthPx: 420 },
  opinions: { title: 'Opinions you hold', widthPx: 600 },
  pots: { title: 'The next pot', widthPx: 480 },
  water: { title: 'Water and feed', widthPx: 420 },
  away: { title: 'Away, or a heat wave', widthPx: 420 },
  quirks: { title: 'How it differs from its kind', widthPx: 520 },
  and: { title: 'What else can be said', widthPx: 480 },
};
