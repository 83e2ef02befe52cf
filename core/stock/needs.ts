/** What a potting takes out of stock, and out of which of the things there are. */
import type { SetupSpec } from '../case';
import { toThousandths } from './amount';
import { k } from './constants';
import { servesNow } from './serves';
import type { StockThing } from './thing';

export interface StockNeed {
  readonly thing: StockThing;
  readonly amount: number;
}

/** Of a recipe: what comes out of one bag. */
export interface TakenOfBag {
  readonly mediumId: string;
  readonly takeL: number;
}

/** recipe: a line for each part of each layer, in their order. One need a medium, with what all layers take of it together; the vessel; its wicks. */
export function stockNeedsOf(spec: SetupSpec, recipe: readonly TakenOfBag[]): readonly StockNeed[] {
  const parts = spec.layers.flatMap((layer) => layer.mix);
  const media = new Map<string, StockNeed>();
  for (const [n, { mediumId, takeL }] of recipe.entries()) {
    const ownName = parts[n]?.own?.name;
    const thing: StockThing =
      ownName === undefined ? { kind: 'medium', mediumId } : { kind: 'medium', mediumId, ownName };
    const key = JSON.stringify(thing);
    media.set(key, { thing, amount: toThousandths((media.get(key)?.amount ?? 0) + takeL) });
  }
  return [...media.values(), { thing: vesselThing(spec), amount: 1 }, ...wicksOf(spec)];
}

function vesselThing({ vessel }: SetupSpec): StockThing {
  if (vessel.kind === 'mount') return { kind: 'mount', mountKindId: vessel.mountKindId, widthCm: vessel.widthCm };
  const { potKindId, rimDiameterCm, heightCm, baseDiameterCm } = vessel;
  return {
    kind: 'pot',
    potKindId,
    rimDiameterCm,
    ...(heightCm === undefined ? {} : { heightCm }),
    ...(baseDiameterCm === undefined ? {} : { baseDiameterCm }),
  };
}

function wicksOf({ vessel }: SetupSpec): readonly StockNeed[] {
  const wicks = vessel.kind === 'pot' ? (vessel.wickCount ?? 0) : 0;
  return wicks > 0 ? [{ thing: { kind: 'sundry', sundry: 'wick' }, amount: wicks }] : [];
}

/** What lies in stock under an id. */
export interface InStock {
  readonly id: string;
  readonly thing: StockThing;
  readonly amount: number;
}

export interface StockTake extends StockNeed {
  /** Where it comes from; null where nothing of the kind is kept in stock. */
  readonly from: InStock | null;
  /** How much there is too little of it; 0 where nothing of the kind is kept. */
  readonly shortBy: number;
}

/** A pot is taken for another where its rim is as wide and, where both are measured, as deep. */
const isSameCm = (one: number | undefined, other: number | undefined): boolean =>
  one === undefined || other === undefined || Math.abs(one - other) <= k.SAME_CM;

function isSuch(wanted: StockThing, there: StockThing): boolean {
  switch (wanted.kind) {
    case 'medium':
      return there.kind === 'medium' && there.mediumId === wanted.mediumId && there.ownName === wanted.ownName;
    case 'pot':
      return (
        there.kind === 'pot' &&
        there.potKindId === wanted.potKindId &&
        isSameCm(there.rimDiameterCm, wanted.rimDiameterCm) &&
        isSameCm(there.heightCm, wanted.heightCm)
      );
    case 'mount':
      return (
        there.kind === 'mount' && there.mountKindId === wanted.mountKindId && isSameCm(there.widthCm, wanted.widthCm)
      );
    case 'sundry':
      return there.kind === 'sundry' && there.sundry === wanted.sundry;
  }
}

/** Whether what is wanted can be taken from what there is, for the plant of that name. */
export const canServe = (wanted: StockThing, there: StockThing, plantName: string | null): boolean =>
  isSuch(wanted, there) && servesNow(there, plantName);

/** What was used before is used up first, if there is enough of it; else what there is most of. */
function preference(amount: number) {
  const enough = (there: InStock): number => (there.amount >= amount ? 1 : 0);
  const used = ({ thing }: InStock): number => (thing.kind !== 'sundry' && thing.used !== undefined ? 1 : 0);
  return (a: InStock, b: InStock): number => enough(b) - enough(a) || used(b) - used(a) || b.amount - a.amount;
}

/** plantName: the plant that is potted; null for one not on record. */
export function takesFrom(
  needs: readonly StockNeed[],
  stock: readonly InStock[],
  plantName: string | null,
): readonly StockTake[] {
  return needs.map((need) => {
    const from =
      stock.filter((there) => canServe(need.thing, there.thing, plantName)).sort(preference(need.amount))[0] ?? null;
    const shortBy = from === null ? 0 : Math.max(0, toThousandths(need.amount - Math.max(0, from.amount)));
    return { ...need, from, shortBy };
  });
}
