/** What kinds look like, as far as a drawing needs it: common practice and memory, for the eye alone. */
import type { GrowthHabit } from '@core';

export type LeafKind = 'strap' | 'oval' | 'sword' | 'pencil' | 'pleated';

export interface PlantForm {
  /** What a shoot stands on. */
  readonly bulb: 'none' | 'egg' | 'spindle' | 'cane' | 'underground';
  /** Share of the plant's height that it takes, 0..1. */
  readonly bulbShare: number;
  readonly leaves: number;
  readonly leaf: LeafKind;
  /** Stem with leaves in two rows and roots in the air. */
  readonly stem?: 'short' | 'long';
}

const byHabit: Readonly<Record<GrowthHabit, PlantForm>> = {
  creeping: { bulb: 'spindle', bulbShare: 0.45, leaves: 1, leaf: 'oval' },
  rambling: { bulb: 'egg', bulbShare: 0.25, leaves: 1, leaf: 'oval' },
  clump: { bulb: 'egg', bulbShare: 0.25, leaves: 2, leaf: 'strap' },
  canes: { bulb: 'cane', bulbShare: 0.8, leaves: 7, leaf: 'oval' },
  fans: { bulb: 'none', bulbShare: 0, leaves: 6, leaf: 'strap' },
  'single stem': { bulb: 'none', bulbShare: 0, leaves: 6, leaf: 'strap', stem: 'short' },
  'climbing chain': { bulb: 'egg', bulbShare: 0.16, leaves: 1, leaf: 'sword' },
  'creeping stem': { bulb: 'none', bulbShare: 0, leaves: 5, leaf: 'oval' },
  'underground bulbs': { bulb: 'underground', bulbShare: 0, leaves: 3, leaf: 'pleated' },
};

/** Where a kind looks unlike most of its habit. */
const byGenus: Readonly<Record<string, Partial<PlantForm>>> = {
  'cattleya-bifoliate': { bulb: 'cane', bulbShare: 0.6, leaves: 2, leaf: 'oval' },
  brassavola: { bulbShare: 0.2, leaf: 'pencil' },
  'laelia-rupicolous': { bulb: 'spindle', bulbShare: 0.35, leaves: 1, leaf: 'sword' },
  encyclia: { leaf: 'sword' },
  sophronitis: { bulb: 'spindle', leaves: 1, leaf: 'oval' },
  psychopsis: { bulb: 'egg', bulbShare: 0.2 },
  masdevallia: { bulb: 'none', bulbShare: 0, leaves: 1, leaf: 'oval' },
  restrepia: { bulb: 'none', bulbShare: 0, leaves: 1, leaf: 'oval' },
  pleurothallis: { bulb: 'none', bulbShare: 0, leaves: 1, leaf: 'oval' },
  lepanthes: { bulb: 'none', bulbShare: 0, leaves: 1, leaf: 'oval' },
  dendrochilum: { bulb: 'spindle', bulbShare: 0.2, leaves: 1, leaf: 'sword' },
  'coelogyne-cool': { leaves: 2, leaf: 'sword' },
  'coelogyne-warm': { bulb: 'egg', bulbShare: 0.25, leaves: 2, leaf: 'pleated' },
  'dendrobium-hardcane': { leaf: 'sword' },
  'dendrobium-kingianum': { bulbShare: 0.6, leaves: 3 },
  'dendrobium-mini': { bulb: 'spindle', bulbShare: 0.4, leaves: 2, leaf: 'sword' },
  sobralia: { leaf: 'pleated', leaves: 8 },
  arundina: { leaf: 'sword', leaves: 9 },
  'epidendrum-reed': { bulbShare: 0.9, leaves: 8 },
  cymbidium: { leaves: 5, leaf: 'sword', bulbShare: 0.14 },
  'cymbidium-warm': { leaves: 4, leaf: 'sword', bulbShare: 0.14 },
  ansellia: { bulb: 'cane', bulbShare: 0.75, leaves: 5, leaf: 'sword' },
  grammatophyllum: { bulb: 'spindle', bulbShare: 0.4, leaves: 5, leaf: 'sword' },
  catasetum: { bulb: 'spindle', bulbShare: 0.4, leaves: 5, leaf: 'pleated' },
  'calanthe-deciduous': { bulb: 'spindle', bulbShare: 0.3, leaves: 3, leaf: 'pleated' },
  'calanthe-evergreen': { bulb: 'none', bulbShare: 0, leaves: 4, leaf: 'pleated' },
  pleione: { leaves: 1, leaf: 'pleated' },
  phaius: { leaves: 4, leaf: 'pleated' },
  lycaste: { leaves: 3, leaf: 'pleated' },
  stanhopea: { leaves: 1, leaf: 'pleated' },
  bifrenaria: { leaves: 1, leaf: 'oval' },
  trichopilia: { leaves: 1, leaf: 'oval' },
  maxillaria: { leaves: 1, leaf: 'sword' },
  zygopetalum: { bulb: 'egg', bulbShare: 0.2, leaves: 3, leaf: 'sword' },
  miltonia: { bulb: 'egg', bulbShare: 0.25, leaves: 2, leaf: 'sword' },
  'oncidium-equitant': { leaf: 'sword' },
  huntleya: { leaf: 'sword' },
  vanda: { stem: 'long', leaves: 12 },
  ascocentrum: { stem: 'long', leaves: 10 },
  renanthera: { stem: 'long', leaves: 12 },
  aerides: { stem: 'long', leaves: 10 },
  rhynchostylis: { stem: 'long', leaves: 8 },
  neofinetia: { stem: 'long', leaves: 8, leaf: 'sword' },
  doritis: { stem: 'long', leaves: 8, leaf: 'sword' },
  vanilla: { bulb: 'none', bulbShare: 0, leaves: 1, leaf: 'oval' },
};

/** habit: as it is said of this plant; another than its kind's looks as that habit does. */
export function formOf(genusId: string, genusHabit: GrowthHabit, habit: GrowthHabit): PlantForm {
  return { ...byHabit[habit], ...(habit === genusHabit ? byGenus[genusId] : undefined) };
}

export const drawnGenera: readonly string[] = Object.keys(byGenus);
