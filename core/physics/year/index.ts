export { rainOfMonth } from './rain';
export type { MonthReport, YearReport } from './tally';
export type { Care } from './kept-pot';
export { sampleHealth, simulateYear } from './year';
