export { rainOfMonth } from './rain';
export type { MonthReport, YearReport } from './tally';
export { type Care, sampleHealth, simulateYear } from './year';
