/** What there is too little of, by how much, and what lies there that would do instead. */
import { mediumById, mediumIds } from '../catalogue/media';
import { airFilledPorosity, containerCapacity, meanPieceMm, type MediumFigures } from '../physics/media';
import { hydraulicsOf } from '../physics/media';
import { type InStock, servesNow, stockNeedsOf, type StockThing, toThousandths } from '../stock';
import { k } from './constants';
import type { Batch } from './mixes';
import type { PotGiven } from './pots';

/** How the one that does instead differs: each null where it hardly does. */
export interface Instead {
  readonly from: string;
  readonly mediumId: string;
  readonly spareL: number;
  readonly pieces: 'finer' | 'coarser' | null;
  readonly wets: 'wetter' | 'drier' | null;
  readonly isOtherFamily: boolean;
}

export interface Shortage {
  readonly thing: StockThing;
  readonly needed: number;
  readonly there: number;
  readonly shortBy: number;
  readonly plantIds: readonly string[];
  /** For a medium; the likest first. */
  readonly instead: readonly Instead[];
}

interface Need {
  readonly thing: StockThing;
  needed: number;
  readonly plantIds: Set<string>;
}

const keyOf = (thing: StockThing): string => JSON.stringify(thing);

function mediumNeeds(batches: readonly Batch[]): readonly Need[] {
  const needs = new Map<string, Need>();
  for (const { bags, plants } of batches) {
    for (const { mediumId, ownName, takeL } of bags) {
      const thing: StockThing = ownName === null ? { kind: 'medium', mediumId } : { kind: 'medium', mediumId, ownName };
      const need = needs.get(keyOf(thing)) ?? { thing, needed: 0, plantIds: new Set<string>() };
      need.needed += takeL;
      for (const { plantId } of plants) need.plantIds.add(plantId);
      needs.set(keyOf(thing), need);
    }
  }
  return [...needs.values()];
}

/** Pots and mounts that must be bought, and wicks. */
function pieceNeeds(given: readonly PotGiven[]): readonly Need[] {
  const needs = new Map<string, Need>();
  for (const { plantId, setup, from } of given) {
    for (const { thing, amount } of stockNeedsOf(setup, [])) {
      if (thing.kind !== 'sundry' && from !== null) continue;
      const need = needs.get(keyOf(thing)) ?? { thing, needed: 0, plantIds: new Set<string>() };
      need.needed += amount;
      need.plantIds.add(plantId);
      needs.set(keyOf(thing), need);
    }
  }
  return [...needs.values()];
}

/** How much there is of exactly that, for any plant. */
function thereOf(wanted: StockThing, stock: readonly InStock[]): number {
  const amounts = stock.flatMap(({ thing, amount }) => {
    if (!servesNow(thing, null)) return [];
    if (wanted.kind === 'medium') {
      const isSuch = thing.kind === 'medium' && thing.mediumId === wanted.mediumId && thing.ownName === wanted.ownName;
      return isSuch ? [Math.max(0, amount)] : [];
    }
    // Pots of the shelf are given out already: what is asked for here is what none of them serves.
    if (wanted.kind !== 'sundry') return [];
    return thing.kind === 'sundry' && thing.sundry === wanted.sundry ? [Math.max(0, amount)] : [];
  });
  return amounts.reduce((sum, amount) => sum + amount, 0);
}

interface Likeness {
  readonly points: number;
  readonly pieces: Instead['pieces'];
  readonly wets: Instead['wets'];
}

/** Sizes and waters differ by less than one can tell. */
const SAME_SIZE = 1.15;
const SAME_WATER = 0.02;

/** How unlike two media are in a pot of ordinary depth. */
function likeness(wanted: MediumFigures, other: MediumFigures): Likeness {
  const [want, have] = [hydraulicsOf(wanted), hydraulicsOf(other)];
  const airs = [airFilledPorosity(want, k.INSTEAD_DEPTH_CM), airFilledPorosity(have, k.INSTEAD_DEPTH_CM)] as const;
  const waters = [containerCapacity(want, k.INSTEAD_DEPTH_CM), containerCapacity(have, k.INSTEAD_DEPTH_CM)] as const;
  const ratio = meanPieceMm(other) / meanPieceMm(wanted);
  const wetterBy = waters[1] - waters[0];
  return {
    points:
      Math.abs(Math.log2(ratio)) +
      k.INSTEAD_PER_SHARE * (Math.abs(airs[1] - airs[0]) + Math.abs(wetterBy)) +
      (wanted.family === other.family ? 0 : k.INSTEAD_OTHER_FAMILY),
    pieces: ratio > SAME_SIZE ? 'coarser' : ratio < 1 / SAME_SIZE ? 'finer' : null,
    wets: wetterBy > SAME_WATER ? 'wetter' : wetterBy < -SAME_WATER ? 'drier' : null,
  };
}

function insteadOf(
  wanted: Extract<StockThing, { kind: 'medium' }>,
  shortBy: number,
  stock: readonly InStock[],
  needs: readonly Need[],
): readonly Instead[] {
  const figures = mediumById(wanted.mediumId);
  const neededOf = (thing: StockThing): number => needs.find((need) => keyOf(need.thing) === keyOf(thing))?.needed ?? 0;
  return stock
    .flatMap(({ id, thing, amount }) => {
      if (thing.kind !== 'medium' || !servesNow(thing, null) || !mediumIds.includes(thing.mediumId)) return [];
      if (thing.mediumId === wanted.mediumId) return [];
      const spareL = amount - neededOf(thing);
      const other = mediumById(thing.mediumId);
      const { points, ...differs } = likeness(figures, other);
      // What rots does not stand in for what does not, nor the other way.
      if (spareL < shortBy || points > k.INSTEAD_MOST || other.organic !== figures.organic) return [];
      const isOtherFamily = other.family !== figures.family;
      return [{ points, instead: { from: id, mediumId: thing.mediumId, spareL, ...differs, isOtherFamily } }];
    })
    .sort((a, b) => a.points - b.points)
    .slice(0, k.INSTEAD_NAMED)
    .map(({ instead }) => instead);
}

/** Only where stock is kept at all: an empty shelf says nothing. */
export function shortagesOf(
  batches: readonly Batch[],
  given: readonly PotGiven[],
  stock: readonly InStock[],
): readonly Shortage[] {
  if (stock.length === 0) return [];
  const media = mediumNeeds(batches);
  return [...media, ...pieceNeeds(given)].flatMap(({ thing, needed, plantIds }) => {
    const there = thereOf(thing, stock);
    const shortBy = toThousandths(needed - there);
    if (shortBy <= 0) return [];
    const instead = thing.kind === 'medium' ? insteadOf(thing, shortBy, stock, media) : [];
    return [{ thing, needed: toThousandths(needed), there, shortBy, plantIds: [...plantIds], instead }];
  });
}
