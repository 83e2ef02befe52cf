/** What is mixed for the day: each mix once, in litres out of each bag, by the packing law and with what settles, and some in reserve. */
import type { MixPartSpec, SetupSpec } from '../case';
import { mediumOfPart, realiseMix } from '../case';
import type { LayerRole } from '../physics/drydown';
import { bagMeasures, type PieceShape } from '../physics/media';
import { mixKeyOf } from './work';

/** The layers of one plant, with the litres that each takes when it has settled. */
export interface PlantLayers {
  readonly plantId: string;
  readonly setup: SetupSpec;
  readonly litres: readonly number[];
}

export interface BatchBag {
  readonly mediumId: string;
  readonly ownName: string | null;
  readonly name: string;
  readonly pieceShape: PieceShape;
  readonly smallMm: number;
  readonly largeMm: number;
  readonly parts: number;
  /** Out of the bag, with the reserve. */
  readonly takeL: number;
  /** What the pots take of that. */
  readonly forPotsL: number;
}

export interface Batch {
  readonly key: string;
  readonly mix: readonly MixPartSpec[];
  /** Its media lie beside each other: measured out, not mixed. */
  readonly isSideBySide: boolean;
  readonly roles: readonly LayerRole[];
  /** Settled litres in the pots. */
  readonly potsL: number;
  readonly plants: readonly { readonly plantId: string; readonly litres: number }[];
  readonly bags: readonly BatchBag[];
}

function bagsOf(
  mix: readonly MixPartSpec[],
  potsL: number,
  isSideBySide: boolean,
  reserveShare: number,
): readonly BatchBag[] {
  return bagMeasures(realiseMix(mix), potsL, isSideBySide).map(
    ({ mediumId, name, pieceShape, smallMm, largeMm, takeL }, n) => ({
      mediumId,
      ownName: mix[n]!.own?.name ?? null,
      name: mix[n]!.own === undefined ? name : mediumOfPart(mix[n]!).name,
      pieceShape,
      smallMm,
      largeMm,
      parts: mix[n]!.parts,
      takeL: takeL * (1 + reserveShare),
      forPotsL: takeL,
    }),
  );
}

/** The largest first. Bare roots on a mount take none. */
export function batchesOf(plants: readonly PlantLayers[], reserveShare: number): readonly Batch[] {
  type Gathered = Omit<Batch, 'bags' | 'potsL'>;
  const found = new Map<string, Gathered>();
  for (const { plantId, setup, litres } of plants) {
    const { vessel } = setup;
    if (vessel.kind === 'mount' && vessel.padThicknessCm <= 0) continue;
    for (const [n, { mix, role, isSideBySide = false }] of setup.layers.entries()) {
      const key = `${isSideBySide ? 'beside: ' : ''}${mixKeyOf(mix)}`;
      const none: Pick<Gathered, 'roles' | 'plants' | 'mix'> = { roles: [], plants: [], mix };
      const { roles, plants: others, mix: known } = found.get(key) ?? none;
      const mine = others.find((one) => one.plantId === plantId);
      const sum = { plantId, litres: (mine?.litres ?? 0) + litres[n]! };
      found.set(key, {
        key,
        mix: known,
        isSideBySide,
        roles: roles.includes(role) ? roles : [...roles, role],
        plants: [...others.filter((one) => one !== mine), sum],
      });
    }
  }
  return [...found.values()]
    .map((batch) => {
      const potsL = batch.plants.reduce((sum, { litres }) => sum + litres, 0);
      return { ...batch, potsL, bags: bagsOf(batch.mix, potsL, batch.isSideBySide, reserveShare) };
    })
    .sort((a, b) => b.potsL - a.potsL || a.key.localeCompare(b.key));
}
