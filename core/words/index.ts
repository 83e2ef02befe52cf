export { cm, days, litres, metricWords, mm, mmRange, monthNames, number, percent, temperature, type WordUnits } from './format';
export { genusStory } from './genus';
export { Kin, kin } from './kin';
export { type Reason, reasonsFor } from './reasons';
export { timingHeadline, timingSentence } from './timing';
export { approachNames, gradeText, mixText, setupTitle, vesselText } from './titles';
