/** Faults of language that a reader stumbles over, found in what an answer says. */
import type { PlanAnswer, SetupAnswer } from '../words';

export interface LanguageFault {
  readonly fault: string;
  readonly sentence: string;
}

const patterns: readonly (readonly [string, RegExp])[] = [
  ['a hole', /undefined|NaN|Infinity|null|\[object/],
  ['a nameless genus', /\b[Tt]his group\b/],
  ['no length at all', /(^|[^\d.])0 (cm|mm|in)\b/],
  ['a range of one', /(?<![\d.])(\d+(?:\.\d+)?)–\1(?!\.?\d)/],
  ['two spaces or dots', / {2}|\.\.|,\./],
  ['one of many', /(?<![\d.])1 (days|years|months|parts|pieces|setups|media)\b/],
  ['a doubled word', /\b([a-z]+) \1\b/i],
  ['a count of nothing', /(, | and )0 /],
];

/** "Pieces of about 4.2 mm are coarser than the 3–4.2 mm …": coarser than an equal figure. */
function isCoarserThanEqual(sentence: string): boolean {
  const told = /about ([\d.]+) mm are (coarser|finer) than the ([\d.]+)–([\d.]+) mm/.exec(sentence);
  if (!told) return false;
  return told[2] === 'coarser' ? Number(told[1]) <= Number(told[4]) : Number(told[1]) >= Number(told[3]);
}

function sentencesOf({ reasons, findings, aftercare, changeOver, title, merit }: SetupAnswer): readonly string[] {
  return [
    title,
    merit,
    ...reasons.flatMap(({ sentence, wouldChange }) => [sentence, wouldChange]),
    ...findings.flatMap(({ sentence, wouldChange }) => [sentence, wouldChange]),
    ...aftercare.map(({ sentence }) => sentence),
    ...changeOver.stages.flatMap((stage) => Object.values(stage).filter((value) => typeof value === 'string')),
  ];
}

/** Faults of single sentences. */
export const allBad = (sentences: readonly string[]): readonly LanguageFault[] => sentences.flatMap(faultsOf);

function faultsOf(sentence: string): readonly LanguageFault[] {
  const found = patterns.filter(([, pattern]) => pattern.test(sentence)).map(([fault]) => ({ fault, sentence }));
  return isCoarserThanEqual(sentence) ? [...found, { fault: 'coarser than an equal figure', sentence }] : found;
}

/** One fact once: no two sentences of a setup that say the same. */
function repeats(sentences: readonly string[]): readonly LanguageFault[] {
  const told = sentences.filter((sentence) => sentence.length > 0);
  return told
    .filter((sentence, i) => told.indexOf(sentence) !== i)
    .map((sentence) => ({ fault: 'said twice', sentence }));
}

/** Every sentence of an answer. */
export function languageFaults(plan: PlanAnswer): readonly LanguageFault[] {
  const ofPlan = [
    plan.timing.headline,
    plan.timing.sentence,
    plan.place.headline,
    plan.place.sentence,
    plan.division,
    ...plan.ruledOut.flatMap(({ sentence, wouldChange }) => [sentence, wouldChange]),
  ];
  const ofSetups = plan.setups.map(sentencesOf);
  const all = [...ofPlan, ...ofSetups.flat()];
  return [...all.flatMap(faultsOf), ...ofSetups.flatMap(repeats)];
}
