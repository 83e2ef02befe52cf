/**
 * Pots from the shelf matched to plants by the best total fit: an assignment (the Hungarian method, by a library), in which a
 * plant may also have its own pot bought. What another pot than the one wanted costs, in points, is our choice (constants.ts).
 */
import munkres from 'munkres';
import { potOf, type PotSpec, type SetupSpec } from '../case';
import { potKindById } from '../catalogue/vessels';
import { changedSpec } from '../explore';
import { isOpenWork } from '../physics/pots';
import { canServe, type InStock, servesNow } from '../stock';
import { k } from './constants';

export interface PotWanted {
  readonly plantId: string;
  readonly plantName: string;
  readonly setup: SetupSpec;
  readonly isOrganic: boolean;
}

export interface PotGiven {
  readonly plantId: string;
  /** The setup in the pot it gets. */
  readonly setup: SetupSpec;
  /** Where it comes from in stock; null where it must be bought. */
  readonly from: string | null;
  /** What it differs in from the one wanted. */
  readonly rimOffCm: number;
  readonly isOtherKind: boolean;
  readonly points: number;
  /** The plant that has the pot it wanted, where that one needs it more. */
  readonly wantedPotWentTo: string | null;
}

type StockPot = InStock & { readonly thing: Extract<InStock['thing'], { kind: 'pot' }> };
type WantsPot = PotWanted & { readonly vessel: PotSpec };

/** No pot at all for it. */
const NEVER = 1e6;

function sizesOf({ heightCm, baseDiameterCm }: Pick<PotSpec, 'heightCm' | 'baseDiameterCm'>) {
  return {
    ...(heightCm === undefined ? {} : { heightCm }),
    ...(baseDiameterCm === undefined ? {} : { baseDiameterCm }),
  };
}

const vesselOf = ({ thing }: StockPot): PotSpec => ({
  kind: 'pot',
  potKindId: thing.potKindId,
  rimDiameterCm: thing.rimDiameterCm,
  ...sizesOf(thing),
});

/** How much worse a pot is than the one wanted, in points; NEVER where it does another thing with water, or is far off. */
function misfit({ vessel, isOrganic }: WantsPot, there: StockPot): number {
  const [want, have] = [potOf(vessel), potOf(vesselOf(there))];
  const offCm = have.rimDiameterCm - want.rimDiameterCm;
  if (want.reservoir.kind !== have.reservoir.kind || Math.abs(offCm) > k.POT_MOST_CM) return NEVER;
  const perCm = offCm < 0 ? k.POT_NARROWER : isOrganic ? k.POT_WIDER_ORGANIC : k.POT_WIDER_INORGANIC;
  const [wantKind, haveKind] = [potKindById(vessel.potKindId), potKindById(there.thing.potKindId)];
  return (
    Math.abs(offCm) * perCm +
    Math.abs(have.heightCm - want.heightCm) * k.POT_DEPTH +
    (wantKind.wall === haveKind.wall ? 0 : k.POT_OTHER_WALL) +
    (wantKind.shape === haveKind.shape ? 0 : k.POT_OTHER_SHAPE) +
    (isOpenWork(want) === isOpenWork(have) ? 0 : k.POT_OTHER_OPENING)
  );
}

/** Each pot by itself; of one kind as many as there are plants are enough. */
function potsOf(stock: readonly InStock[], most: number): readonly StockPot[] {
  return stock
    .filter((there): there is StockPot => there.thing.kind === 'pot' && servesNow(there.thing, null))
    .flatMap((there) => Array.from({ length: Math.min(most, Math.max(0, Math.floor(there.amount))) }, () => there));
}

export interface PotCosts {
  /** Pots, each by itself. */
  readonly pots: readonly StockPot[];
  /** Points: a row for each plant that wants a pot; a column for each pot, then one "bought" for each plant. */
  readonly rows: readonly (readonly number[])[];
}

const wantsPot = (want: PotWanted): readonly WantsPot[] => {
  const { vessel } = want.setup;
  return vessel.kind === 'pot' ? [{ ...want, vessel }] : [];
};

export function potCosts(wanted: readonly PotWanted[], stock: readonly InStock[]): PotCosts {
  const wants = wanted.flatMap(wantsPot);
  const pots = potsOf(stock, wants.length);
  const rows = wants.map((want, row) => {
    const points = new Map<string, number>();
    for (const there of pots) if (!points.has(there.id)) points.set(there.id, misfit(want, there));
    return [...pots.map(({ id }) => points.get(id)!), ...wants.map((_, n) => (n === row ? k.POT_BOUGHT : NEVER))];
  });
  return { pots, rows };
}

/** The setup filled anew for the pot it gets; as it is where that is the one wanted. */
function inPot(setup: SetupSpec, wanted: PotSpec, there: StockPot): SetupSpec {
  const { potKindId, rimDiameterCm, heightCm } = there.thing;
  const isKind = potKindId === wanted.potKindId && rimDiameterCm === wanted.rimDiameterCm;
  if (isKind && heightCm === wanted.heightCm) return setup;
  const changed = changedSpec(setup, { potKindId, rimDiameterCm });
  if (heightCm === undefined || changed.vessel.kind !== 'pot') return changed;
  // As full in the pot as measured as it would be in the usual one.
  const share = heightCm / potOf(changed.vessel).heightCm;
  const shorter = (layerCm: number): number => Math.max(k.LEAST_LAYER_CM, Math.floor(10 * share * layerCm) / 10);
  const layers = changed.layers.map((layer) => ({ ...layer, heightCm: shorter(layer.heightCm) }));
  return { ...changed, vessel: { ...changed.vessel, ...sizesOf(there.thing) }, layers };
}

const asWanted = ({ plantId, setup }: PotWanted, from: string | null): PotGiven => ({
  plantId,
  setup,
  from,
  rimOffCm: 0,
  isOtherKind: false,
  points: from === null ? k.POT_BOUGHT : 0,
  wantedPotWentTo: null,
});

/** A mount is taken where there is such a one, as many as there are. */
function mounted(wanted: readonly PotWanted[], stock: readonly InStock[]): readonly PotGiven[] {
  const left = new Map(stock.map(({ id, amount }) => [id, amount]));
  return wanted.flatMap((want) => {
    const { vessel } = want.setup;
    if (vessel.kind !== 'mount') return [];
    const thing = { kind: 'mount', mountKindId: vessel.mountKindId, widthCm: vessel.widthCm } as const;
    const from = stock.find((there) => left.get(there.id)! >= 1 && canServe(thing, there.thing, want.plantName));
    if (from) left.set(from.id, left.get(from.id)! - 1);
    return [asWanted(want, from?.id ?? null)];
  });
}

/** In the order in which they are wanted. */
export function matchPots(wanted: readonly PotWanted[], stock: readonly InStock[]): readonly PotGiven[] {
  const wants = wanted.flatMap(wantsPot);
  const { pots, rows } = potCosts(wanted, stock);
  const columnOf = new Map(wants.length === 0 ? [] : munkres(rows.map((row) => [...row])));
  const takerOf = new Map([...columnOf].flatMap(([row, column]) => (pots[column] ? [[column, row] as const] : [])));

  /** Who has the pot that would have suited it best. */
  const lostTo = (row: number, points: number): string | null => {
    const ofPots = rows[row]!.slice(0, pots.length);
    const least = Math.min(...ofPots, NEVER);
    if (least >= points || least >= NEVER) return null;
    const taker = ofPots.findIndex((cost, column) => cost === least && takerOf.has(column));
    return taker < 0 ? null : wants[takerOf.get(taker)!]!.plantId;
  };
  const potted = wants.map((want, row): PotGiven => {
    const column = columnOf.get(row)!;
    const points = rows[row]![column]!;
    const there = pots[column];
    const wantedPotWentTo = lostTo(row, points);
    if (!there) return { ...asWanted(want, null), wantedPotWentTo };
    return {
      plantId: want.plantId,
      setup: inPot(want.setup, want.vessel, there),
      from: there.id,
      rimOffCm: there.thing.rimDiameterCm - want.vessel.rimDiameterCm,
      isOtherKind: there.thing.potKindId !== want.vessel.potKindId,
      points,
      wantedPotWentTo,
    };
  });
  const byPlant = new Map([...potted, ...mounted(wanted, stock)].map((given) => [given.plantId, given]));
  return wanted.map(({ plantId }) => byPlant.get(plantId)!);
}
