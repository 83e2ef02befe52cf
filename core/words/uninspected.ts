/** What nobody has looked at, and what it could change (explore/unlooked). */
import type { Supposed, UninspectedFact } from '../explore';
import { lowerFirst, mm, type WordUnits } from './phrasing/format';
import { setupTitle } from './phrasing/titles';

function whenText(supposed: Supposed, units: WordUnits): string {
  switch (supposed.looked) {
    case 'tips':
      return supposed.is === 'none' ? 'Without new root tips' : 'With new root tips';
    case 'shoot':
      return supposed.is === 'none' ? 'Without a new shoot' : 'With a new shoot half grown';
    case 'live roots':
      return supposed.is === 'few' ? 'With few live roots' : 'With nearly all roots alive';
    case 'root thickness':
      return `With roots of ${mm(supposed.mm, units)}`;
    case 'bulbs':
      return supposed.is === 'wrinkled' ? 'With wrinkled bulbs' : 'With a soft bulb';
    case 'medium':
      return supposed.is === 'sound' ? 'With its medium still sound' : 'With its medium gone sour';
  }
}

const verdictText = {
  'go at once': 'you would pot it at once',
  go: 'you would pot it now',
  wait: 'you would wait',
  'look first': 'you would look again first',
} as const;

const lookedNames: Readonly<Record<Supposed['looked'], string>> = {
  tips: 'new root tips',
  shoot: 'the newest shoot',
  'live roots': 'live roots',
  'root thickness': 'root thickness',
  bulbs: 'bulbs',
  medium: 'the medium',
};

export const inspectedName = (looked: Supposed['looked']): string => lookedNames[looked];

export interface Uninspected extends UninspectedFact {
  readonly sentence: string;
}

export function wordUninspected(fact: UninspectedFact, units: WordUnits): Uninspected {
  const changes = [
    fact.verdict === null ? null : verdictText[fact.verdict],
    fact.leader === null ? null : `${lowerFirst(setupTitle(fact.leader, units))} would lead`,
  ].filter((change) => change !== null);
  return { ...fact, sentence: `${whenText(fact.supposed, units)}, ${changes.join(', and ')}.` };
}
