/**
 * A setup in a grower's words: which pot, what was mixed, what lies under and over it. How high the layers come to lie
 * and which way of potting it is follow from that; whether it is wise does not matter here.
 */
import * as z from 'zod';
import { round1 } from '../base';
import {
  type LayerSpec,
  listOf,
  mainLayer,
  mediumOfPart,
  mixPartSchema,
  oneOf,
  type PlanCase,
  potOf,
  type PotSpec,
  quantity,
  type SetupSpec,
  wholeQuantity,
} from '../case';
import { mediumIds } from '../catalogue/media';
import { mountKindIds, potKindById, potKindIds } from '../catalogue/vessels';
import { approachOf, BARE_FILM_CM, crockingFor, LEAST_MAIN_CM, RIM_GAP_CM } from '../decide/setups';
import { heaviestPart, MAX_MIX_PARTS } from '../physics/media';
import { k } from './constants';

const saidVesselSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('pot'),
    potKindId: oneOf('potKindId', potKindIds),
    rimDiameterCm: quantity('rimDiameterCm'),
    heightCm: quantity('potHeightCm').optional(),
    wickCount: wholeQuantity('wickCount').optional(),
  }),
  z.strictObject({
    kind: z.literal('mount'),
    mountKindId: oneOf('mountKindId', mountKindIds),
    widthCm: quantity('mountWidthCm'),
    /** 0: bare roots. */
    padThicknessCm: quantity('padThicknessCm'),
  }),
]);

export const saidSetupSchema = z.strictObject({
  vessel: saidVesselSchema,
  /** Of a mount: its pad. */
  mix: listOf('mix', mixPartSchema, MAX_MIX_PARTS, 'parts', 'part'),
  /** The media lie beside each other instead of mixed. */
  isSideBySide: z.boolean().optional(),
  crockingCm: quantity('layerHeightCm').optional(),
  /** What lies under it; where nothing is said, pieces that the mix does not fall through. */
  crockingMediumId: oneOf('crockingMediumId', mediumIds).optional(),
  /** What lies on top, about two pieces deep. */
  topMediumId: oneOf('topMediumId', mediumIds).optional(),
});
export type SaidSetup = z.infer<typeof saidSetupSchema>;

/** So much lies on top, in whole layers of pieces. */
function topHeightCm(mediumId: string): number {
  const { d90Mm } = mediumOfPart({ mediumId });
  return round1(Math.min(k.MOST_TOP_CM, Math.max(k.LEAST_TOP_CM, (k.TOP_PIECES * d90Mm) / k.MM_PER_CM)));
}

/** Down to a tenth: what lies in a pot never comes out higher than it was said. */
const floor1 = (cm: number): number => Math.floor(cm * 10 + k.SLACK) / 10;

function potted(said: SaidSetup, vessel: PotSpec): SetupSpec {
  const roomCm = Math.max(LEAST_MAIN_CM, potOf(vessel).heightCm - RIM_GAP_CM);
  // However much was said to lie over and under it, something is left for the roots.
  const wantedTopCm = said.topMediumId === undefined ? 0 : topHeightCm(said.topMediumId);
  const topCm = floor1(Math.min(wantedTopCm, roomCm - LEAST_MAIN_CM));
  const crockingCm = floor1(Math.min(said.crockingCm ?? 0, roomCm - topCm - LEAST_MAIN_CM));
  const crockingId = said.crockingMediumId ?? crockingFor(mediumOfPart(heaviestPart(said.mix)));
  const layer = (role: LayerSpec['role'], mix: LayerSpec['mix'], heightCm: number): LayerSpec[] =>
    heightCm < k.LEAST_LAYER_CM ? [] : [{ role, mix, heightCm }];
  const main = {
    role: 'main',
    mix: said.mix,
    heightCm: round1(roomCm - crockingCm - topCm),
    ...(said.isSideBySide && said.mix.length > 1 ? { isSideBySide: true } : {}),
  } as const;
  return {
    approach: approachOf(potKindById(vessel.potKindId), mediumOfPart(heaviestPart(said.mix))),
    vessel,
    layers: [
      ...layer('crocking', [{ mediumId: crockingId, parts: 1 }], crockingCm),
      main,
      ...layer('top dressing', [{ mediumId: said.topMediumId ?? crockingId, parts: 1 }], topCm),
    ],
  };
}

/** The whole setup: layers from the bottom, filled to a finger under the rim. */
export function setupFromSaid(said: SaidSetup): SetupSpec {
  const { vessel } = said;
  if (vessel.kind === 'pot') return potted(said, vessel);
  return {
    approach: 'mount',
    vessel,
    layers: [{ role: 'main', mix: said.mix, heightCm: Math.max(BARE_FILM_CM, vessel.padThicknessCm) }],
  };
}

/** What would be said of a setup: where somebody begins to say how theirs differs. */
export function saidOfSetup({ vessel, layers }: SetupSpec): SaidSetup {
  const main = mainLayer({ layers } as SetupSpec);
  const crocking = layers.find(({ role }) => role === 'crocking');
  const top = layers.find(({ role }) => role === 'top dressing')?.mix[0]?.mediumId;
  return {
    vessel:
      vessel.kind === 'mount'
        ? {
            kind: 'mount',
            mountKindId: vessel.mountKindId,
            widthCm: vessel.widthCm,
            padThicknessCm: vessel.padThicknessCm,
          }
        : {
            kind: 'pot',
            potKindId: vessel.potKindId,
            rimDiameterCm: vessel.rimDiameterCm,
            ...(vessel.heightCm === undefined ? {} : { heightCm: vessel.heightCm }),
            ...(vessel.wickCount === undefined ? {} : { wickCount: vessel.wickCount }),
          },
    mix: main.mix,
    ...(main.isSideBySide ? { isSideBySide: true } : {}),
    ...(crocking ? { crockingCm: crocking.heightCm, crockingMediumId: crocking.mix[0]!.mediumId } : {}),
    ...(top === undefined ? {} : { topMediumId: top }),
  } as SaidSetup;
}

/** What most plants stand in, where nobody said what this one does. */
const usual: SetupSpec = setupFromSaid({
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: k.USUAL_RIM_CM },
  mix: [{ mediumId: 'bark-6-12', parts: 1 }],
} as SaidSetup);

/** The setup a plant stands in, as far as it was said; what was not said is as most plants have it. */
export function setupNow({ current }: Pick<PlanCase, 'current'>): SetupSpec {
  const said = saidOfSetup(usual);
  const { vesselKind, rimDiameterCm, mediumId, mix } = current ?? {};
  const isMount = mountKindIds.includes(vesselKind ?? '');
  const vessel = isMount
    ? {
        kind: 'mount',
        mountKindId: vesselKind,
        widthCm: rimDiameterCm ?? k.USUAL_RIM_CM,
        padThicknessCm: k.USUAL_PAD_CM,
      }
    : {
        kind: 'pot',
        potKindId: vesselKind ?? 'plastic-round',
        rimDiameterCm: rimDiameterCm ?? k.USUAL_RIM_CM,
      };
  const parts =
    mix ?? (isMount ? [{ mediumId: 'sphagnum-loose', parts: 1 }] : mediumId ? [{ mediumId, parts: 1 }] : said.mix);
  return setupFromSaid({ vessel, mix: parts } as SaidSetup);
}
