/** What was done to a plant, in a grower's words. */
import {
  dividedFrom,
  feltNotWatered,
  movedFromTo,
  notNow,
  partTakenOff,
  treatedAgainst,
  wateredBy,
  wateredFelt,
  dayWords,
  holdWords,
  needName,
  aftercareNames,
  pestWords,
} from '@core/words';
import type {
  BloomState,
  GrowthEvent,
  QuickEntry,
  QuickKind,
  WayToLeave,
  WayWatered,
} from '@server/records/journal/quick-entry-schemas';

export const journalWords: Readonly<Record<QuickKind, string>> = {
  watered: 'Watered',
  felt: 'Felt it',
  fed: 'Fed',
  flushed: 'Flushed',
  bloomed: 'Bloom',
  treated: 'Treated',
  moved: 'Moved',
  weighed: 'Weighed',
  noted: 'Note',
  'put off': 'Put off',
  left: 'Left',
  divided: 'Divided',
  nursed: 'After potting',
  grew: 'Growth',
};

export const bloomWords: Readonly<Record<BloomState, string>> = {
  'in bud': 'In bud',
  open: 'In bloom',
  over: 'Bloom over',
};

export const growthEventWords: Readonly<Record<GrowthEvent, string>> = {
  'new growth': 'New growth',
  'new roots': 'New roots',
  'flower spike': 'Flower spike',
  keiki: 'Keiki',
  'offset taken': 'Offset taken off',
  'growth lost': 'Growth lost',
  'spike dried': 'Spike dried',
  'leaf lost': 'Leaf lost',
};

export const wayWateredWords: Readonly<Record<WayWatered, string>> = {
  soaked: 'soaked',
  dripper: 'by dripper',
  hose: 'by hose',
  rain: 'by rain',
  refilled: 'refilled',
};

export const leftWords: Readonly<Record<WayToLeave, string>> = {
  died: 'Died',
  sold: 'Sold',
  'given away': 'Given away',
};

/** One line of a life. */
export function journalLine(entry: QuickEntry): string {
  switch (entry.kind) {
    case 'watered':
      if (entry.felt !== undefined) return wateredFelt(entry.felt);
      return entry.way === undefined ? 'Watered' : wateredBy(entry.way);
    case 'felt':
      return feltNotWatered(entry.felt ?? '');
    case 'bloomed':
      return bloomWords[entry.state ?? 'open'];
    case 'treated':
      return entry.against === undefined ? 'Treated' : treatedAgainst(pestWords[entry.against]);
    case 'moved':
      return movedFromTo(entry.fromName, entry.placeName, entry.spot);
    case 'weighed':
      return `Weighed ${entry.weightG ?? 0} g`;
    case 'put off':
      return notNow(entry.need === undefined ? '' : needName(entry.need), dayWords(entry.until ?? ''));
    case 'divided':
      return entry.isPart ? dividedFrom(entry.otherName ?? 'another') : partTakenOff(entry.otherName ?? 'a part');
    case 'nursed':
      return `${entry.task ? aftercareNames[entry.task] : 'After potting'}${entry.holds ? `: ${holdWords[entry.holds].toLowerCase()}` : entry.outcome === 'skipped' ? ': skipped' : ''}`;
    case 'grew':
      return growthEventWords[entry.what ?? 'new growth'];
    case 'left':
      return leftWords[entry.how ?? 'died'];
    default:
      return journalWords[entry.kind];
  }
}
