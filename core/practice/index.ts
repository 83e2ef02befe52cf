export { practiceCases, runAllPractice, TOLERANCE } from './practice';
