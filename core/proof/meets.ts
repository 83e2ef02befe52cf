/** Whether a plan meets what is expected of a worked case, part by part. */
import { potOf } from '../case';
import { mediumById } from '../catalogue/media';
import type { PlanFacts, SetupFacts } from '../advise';
import type { MediumFamily } from '../physics/media';
import { meanPieceMm } from '../physics/media';
import type { AsideWord, Expected, LayerWord, MediumWord, VesselWord } from './worked-case';

/** The parts of an answer that are judged. */
export const parts = [
  'timing',
  'place',
  'medium',
  'piece size',
  'vessel',
  'size',
  'layers',
  'position',
  'depth',
  'first water',
  'feed',
  'steps and cautions',
  'put aside',
] as const;
export type Part = (typeof parts)[number];

/** One expectation beside what the plan says. */
export interface Finding {
  readonly part: Part;
  readonly isMet: boolean;
  /** Whether one of the first three setups meets it; the same as `isMet` for what does not belong to a setup. */
  readonly isMetInThree: boolean;
  readonly wanted: string;
  readonly given: string;
}

const SHOWN_FIRST = 3;

const mediumWords: Partial<Record<MediumFamily, MediumWord>> = {
  sphagnum: 'moss',
  'live moss': 'moss',
  coconut: 'coconut',
  'tree fern and cork': 'tree fern',
  'soil-like mix': 'soil',
  charcoal: 'charcoal',
  'expanded clay': 'expanded clay',
  'fired clay': 'fired clay',
  'baked clay': 'baked clay',
  pumice: 'pumice',
  lava: 'lava',
};

const vesselWords: Readonly<Record<string, VesselWord>> = {
  'plastic-round': 'plastic',
  'plastic-clear-cone': 'clear',
  'plastic-square': 'square',
  'plastic-deep': 'deep',
  'plastic-pan': 'low',
  'plastic-slotted': 'slotted',
  'net-pot': 'net',
  'clay-unglazed': 'clay',
  'clay-glazed': 'glazed',
  'slat-basket': 'basket',
  'side-hole-pot': 'side holes',
  'wick-pot': 'wick',
  'clay-wick-pot': 'wick',
  'net-pot-in-bowl': 'bowl',
};

function mainMix({ spec }: SetupFacts) {
  return spec.layers.find((layer) => layer.role === 'main')!.mix;
}

/** The part there is most of. */
function basePart(setup: SetupFacts) {
  return [...mainMix(setup)].sort((a, b) => b.parts - a.parts)[0]!;
}

export function mediumWordOf(setup: SetupFacts): MediumWord {
  const { vessel } = setup.spec;
  if (vessel.kind === 'mount' && vessel.padThicknessCm === 0) return 'bare';
  const word = mediumWords[mediumById(basePart(setup).mediumId).family];
  if (word !== undefined) return word;
  const hasMoss = mainMix(setup).some(({ mediumId }) =>
    ['sphagnum', 'live moss'].includes(mediumById(mediumId).family),
  );
  return hasMoss ? 'bark with moss' : 'bark';
}

export function vesselWordOf({ spec: { vessel } }: SetupFacts): VesselWord {
  return vessel.kind === 'mount' ? 'mount' : vesselWords[vessel.potKindId]!;
}

/** Middle size of the pieces; null of moss, soil and bare roots, where it says nothing. */
export function pieceMmOf(setup: SetupFacts): number | null {
  const medium = mediumById(basePart(setup).mediumId);
  if (setup.spec.vessel.kind === 'mount' || medium.pieceShape === 'strand' || medium.pieceShape === 'crumb')
    return null;
  return meanPieceMm(medium);
}

/** Width of a pot; null of a mount. */
function widthCmOf({ spec: { vessel } }: SetupFacts): number | null {
  return vessel.kind === 'pot' ? potOf(vessel).rimDiameterCm : null;
}

function hasLayer({ spec }: SetupFacts, word: LayerWord): boolean {
  const top = spec.layers.find((layer) => layer.role === 'top dressing');
  const topFamily = top === undefined ? null : mediumById(top.mix[0]!.mediumId).family;
  const hasCrocking = spec.layers.some((layer) => layer.role === 'crocking');
  switch (word) {
    case 'crocking':
      return hasCrocking;
    case 'none under':
      return !hasCrocking;
    case 'bare top':
      return topFamily === null;
    case 'pebbles':
      return topFamily === 'stone';
    case 'lava top':
      return topFamily === 'lava';
    case 'moss top':
      return topFamily === 'live moss';
    case 'no moss top':
      return topFamily !== 'live moss';
  }
}

/** Whether a setup is of a kind that must not be shown. */
function isOfKind(setup: SetupFacts, word: AsideWord): boolean {
  if (typeof word === 'object') {
    const pieceMm = pieceMmOf(setup);
    const widthCm = widthCmOf(setup);
    if ('piecesOverMm' in word) return pieceMm !== null && pieceMm > word.piecesOverMm;
    if ('piecesUnderMm' in word) return pieceMm !== null && pieceMm < word.piecesUnderMm;
    if ('widerThanCm' in word) return widthCm !== null && widthCm > word.widerThanCm;
    return widthCm !== null && widthCm < word.narrowerThanCm;
  }
  const { approach } = setup;
  switch (word) {
    case 'reservoir':
      return approach === 'side-hole reservoir' || approach === 'wick reservoir';
    case 'mount':
    case 'basket':
      return approach === word;
    case 'bare mount':
      return approach === 'mount' && mediumWordOf(setup) === 'bare';
    case 'moss':
      return approach === 'moss pot' || approach === 'recovery in moss';
    case 'soil':
      return approach === 'soil-like mix';
    case 'coconut':
      return mainMix(setup).some(({ mediumId }) => mediumById(mediumId).family === 'coconut');
    case 'clay wall':
      return vesselWordOf(setup) === 'clay';
    case 'recovery':
      return approach === 'recovery in moss';
    case 'potted':
      return approach !== 'mount' && approach !== 'basket';
    case 'lava top':
    case 'moss top':
      return hasLayer(setup, word);
  }
}

function asideText(word: AsideWord): string {
  return typeof word === 'string' ? word : Object.entries(word).flat().join(' ');
}

type OfSetup = (setup: SetupFacts) => { readonly isMet: boolean; readonly given: string };

function oneOf(wanted: readonly string[], wordOf: (setup: SetupFacts) => string): OfSetup {
  return (setup) => ({ isMet: wanted.includes(wordOf(setup)), given: wordOf(setup) });
}

/** Where it says nothing of a setup (size of a mount), it is met. */
function within(range: readonly [number, number], valueOf: (setup: SetupFacts) => number | null): OfSetup {
  return (setup) => {
    const value = valueOf(setup);
    return {
      isMet: value === null || (value >= range[0] && value <= range[1]),
      given: value === null ? '-' : value.toFixed(1),
    };
  };
}

const waterOf = ({ aftercare }: SetupFacts): string =>
  aftercare.flatMap((step) => (step.code === 'water' ? [step.how] : [])).join();
const feedStartOf = ({ aftercare }: SetupFacts): string =>
  aftercare.flatMap((step) => (step.code === 'feed' ? [step.starts] : [])).join();
const feedMostOf = ({ aftercare }: SetupFacts): number | null =>
  aftercare.flatMap((step) => (step.code === 'feed' ? [step.mostPpm] : []))[0] ?? null;

/** All expectations of one case beside the plan. Without any setup every part that hangs on one is missed. */
export function findingsOf(expected: Expected, plan: PlanFacts): readonly Finding[] {
  const findings: Finding[] = [];
  const first = plan.setups.slice(0, SHOWN_FIRST);
  const ofPlan = (part: Part, wanted: readonly string[] | undefined, given: string) => {
    if (wanted === undefined) return;
    const isMet = wanted.includes(given);
    findings.push({ part, isMet, isMetInThree: isMet, wanted: wanted.join(' / '), given });
  };
  const ofSetup = (part: Part, wanted: string, test: OfSetup) => {
    const results = first.map(test);
    findings.push({
      part,
      isMet: results[0]?.isMet ?? false,
      isMetInThree: results.some(({ isMet }) => isMet),
      wanted,
      given: results[0]?.given ?? 'no setup',
    });
  };
  const word = (part: Part, wanted: readonly string[] | undefined, wordOf: (setup: SetupFacts) => string) => {
    if (wanted !== undefined) ofSetup(part, wanted.join(' / '), oneOf(wanted, wordOf));
  };
  const range = (
    part: Part,
    wanted: readonly [number, number] | undefined,
    valueOf: (setup: SetupFacts) => number | null,
  ) => {
    if (wanted !== undefined) ofSetup(part, wanted.join('-'), within(wanted, valueOf));
  };

  ofPlan('timing', expected.timing, plan.timing.verdict);
  ofPlan('place', expected.place, plan.place.verdict);
  word('medium', expected.medium, mediumWordOf);
  range('piece size', expected.piecesMm, pieceMmOf);
  word('vessel', expected.vessel, vesselWordOf);
  range('size', expected.sizeCm, widthCmOf);
  for (const layer of expected.layers ?? []) {
    ofSetup('layers', layer, (setup) => ({
      isMet: hasLayer(setup, layer),
      given: setup.spec.layers.map(({ role }) => role).join('+'),
    }));
  }
  word('position', expected.position, (setup) => setup.placement.position);
  word('depth', expected.depth, (setup) => setup.placement.depth);
  word('first water', expected.water, waterOf);
  word('feed', expected.feedStarts, feedStartOf);
  range('feed', expected.feedMostPpm, feedMostOf);
  for (const ruleId of expected.says ?? []) {
    ofSetup('steps and cautions', ruleId, (setup) => ({
      isMet: setup.findings.some((finding) => finding.ruleId === ruleId),
      given: '',
    }));
  }
  for (const aside of expected.aside ?? []) {
    const shown = plan.setups.filter((setup) => isOfKind(setup, aside));
    const isMet = shown.length === 0;
    findings.push({
      part: 'put aside',
      isMet,
      isMetInThree: isMet,
      wanted: `no ${asideText(aside)}`,
      given: shown.map(({ id }) => id).join(', '),
    });
  }
  return findings;
}
