/** Views of the list that the invented grower uses again and again. */
import type { PlantView } from '../records/library/schemas';

export const demoViews: readonly PlantView[] = [
  { name: 'Three years in it', asked: { olderYears: '3', sort: 'potted' } },
  { name: 'Lamp shelf, driest first', asked: { place: 'lamp-shelf', sort: 'watered' } },
];
