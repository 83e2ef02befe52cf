export { rainOfMonth } from './rain';
export type { MonthReport, YearReport } from './tally';
export type { YearRoutine } from './kept-pot';
export { sampleHealth, simulateYear } from './year';
