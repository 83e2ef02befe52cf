/** Generates the setups to be judged: every recipe in the grades and pots that suit the plant. */
import { mediaCatalogue, mediumById, type MediumFamily, type MediumFigures } from '../media';
import { makePot, mountKindById } from '../pots';
import type { CaseContext } from './context';
import { byFit } from './grade';
import { mountKinds, mountPadsCm, recipes, type Recipe } from './recipes';
import { realiseMix, type LayerSpec, type MixPartSpec, type SetupSpec } from './spec';
import { chooseSize, yearsOfRoom } from './size';

/** Space left under the rim so that water does not run over, cm. */
export const RIM_GAP_CM = 1;
/** Grades tried for each family. */
const GRADES_TRIED = 2;

const figures: readonly MediumFigures[] = mediaCatalogue.map((entry) => mediumById(entry.id));

/** Media that serve in a mix or as crocking but do not fill a pot by themselves. */
const neverAlone = new Set(['sphagnum-packed', 'sphagnum-chopped', 'brick-8-16', 'cork-8-16', 'coco-fibre']);

function gradesOf(family: MediumFamily): readonly MediumFigures[] {
  return figures.filter((medium) => medium.family === family && !neverAlone.has(medium.id));
}

function roundHalf(value: number): number {
  return Math.round(value * 2) / 2;
}

/** Crocking as a share of the depth by main medium: more under fine media, none where an air cone or a reservoir does the work. */
function crockingShare(approach: SetupSpec['approach'], hasCone: boolean): number {
  switch (approach) {
    case 'organic pot':
      return hasCone ? 0 : 0.15;
    case 'moist inorganic':
      return hasCone ? 0 : 0.15;
    case 'moss pot':
      return hasCone ? 0.15 : 0.2;
    case 'soil-like mix':
      return 0.12;
    default:
      return 0;
  }
}

/** Coarse pieces that the main medium does not fall through: the next size that is at least three times coarser. */
function crockingFor(main: MediumFigures): string {
  return main.largeMm > 8 ? 'pebbles-16-32' : main.largeMm > 4 ? 'clay-pebbles-8-16' : 'pebbles-8-16';
}

/** Layers that fill a pot to a finger under the rim. */
export function fillPot(
  approach: SetupSpec['approach'],
  potKindId: string,
  rimDiameterCm: number,
  mix: readonly MixPartSpec[],
  topDressing: { readonly mediumId: string; readonly heightCm: number } | null,
): readonly LayerSpec[] {
  const pot = makePot(potKindId, rimDiameterCm);
  const filledCm = Math.max(1.5, pot.heightCm - RIM_GAP_CM);
  const base = mediumById(mix[0]!.mediumId);
  const crockingCm = roundHalf(filledCm * crockingShare(approach, pot.cone !== null));
  const topCm = topDressing ? topDressing.heightCm : 0;
  const mainCm = Math.round((filledCm - crockingCm - topCm) * 10) / 10;
  const layers: LayerSpec[] = [];
  if (crockingCm > 0) {
    layers.push({ role: 'crocking', mix: [{ mediumId: crockingFor(base), parts: 1 }], heightCm: crockingCm });
  }
  layers.push({ role: 'main', mix, heightCm: mainCm });
  if (topDressing) {
    layers.push({
      role: 'top dressing',
      mix: [{ mediumId: topDressing.mediumId, parts: 1 }],
      heightCm: topDressing.heightCm,
    });
  }
  return layers;
}

function potted(recipe: Recipe, grade: MediumFigures, vesselKind: string, context: CaseContext): SetupSpec {
  const mix: MixPartSpec[] = [
    { mediumId: grade.id, parts: 4 },
    ...recipe.additions.map((addition) => ({ mediumId: addition.mediumId, parts: addition.partsToFour })),
  ];
  const normal = mix.length === 1 ? [{ mediumId: grade.id, parts: 1 }] : mix;
  const years = yearsOfRoom(realiseMix(normal), context.resolved.yearsWanted);
  const { rimDiameterCm } = chooseSize(context.plant, vesselKind, years);
  return {
    approach: recipe.approach,
    vessel: { kind: 'pot', potKindId: vesselKind, rimDiameterCm },
    layers: fillPot(recipe.approach, vesselKind, rimDiameterCm, normal, null),
  };
}

function mounted(mountKindId: string, padThicknessCm: number, context: CaseContext): SetupSpec {
  const { widthsCm } = mountKindById(mountKindId);
  const neededCm = context.plant.rootBallDiameterCm * 0.9;
  const widthCm = widthsCm.find((width) => width >= neededCm) ?? widthsCm[widthsCm.length - 1]!;
  return {
    approach: 'mount',
    vessel: { kind: 'mount', mountKindId, widthCm, padThicknessCm },
    layers: [
      { role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: Math.max(0.2, padThicknessCm) },
    ],
  };
}

/** All setups to judge for a case, in a fixed order. */
export function generateCandidates(context: CaseContext): readonly SetupSpec[] {
  const potSetups = recipes.flatMap((recipe) =>
    byFit(gradesOf(recipe.base), context.plant.rootDiameterMm)
      .slice(0, GRADES_TRIED)
      .flatMap((grade) => recipe.vesselKinds.map((kind) => potted(recipe, grade, kind, context))),
  );
  const mountSetups = mountKinds.flatMap((kind) => mountPadsCm.map((pad) => mounted(kind, pad, context)));
  return [...potSetups, ...mountSetups];
}
