export { TOLERANCE } from './constants';
export { practiceCases, runAllPractice } from './practice';
