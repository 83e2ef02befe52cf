/** What an inspection tells the case: everything seen, and nothing that was not looked at. */
import { roundHalf } from '../base';
import { type MediumCondition, mediumConditions, type PlanCase } from '../case';
import { k } from './constants';
import type { Inspection, SeasonSeen, Smell } from './inspection';

const bySmell: Readonly<Record<Smell, MediumCondition | null>> = {
  // A fresh smell alone does not say that the pieces are whole.
  fresh: null,
  mouldy: 'breaking down',
  'sour or rotten': 'gone sour',
};

/** The worse of what was seen and what was smelt; undefined where neither tells. */
export function conditionSeen({
  condition,
  smell,
}: Pick<Inspection, 'condition' | 'smell'>): MediumCondition | undefined {
  const told = [condition ?? null, smell === undefined ? null : bySmell[smell]].filter((one) => one !== null);
  return told.sort((a, b) => mediumConditions.indexOf(b) - mediumConditions.indexOf(a))[0];
}

/** Width of the roots in a pot of this rim, cm, by how it gives; undefined where that tells no more than the rim does. */
function ballBySqueeze(squeeze: Inspection['squeeze'], rimDiameterCm: number | undefined): number | undefined {
  if (rimDiameterCm === undefined || squeeze === undefined || squeeze === 'gives a little') return undefined;
  return roundHalf(rimDiameterCm * (squeeze === 'flexes' ? k.FLEXING_SHARE : k.FULL_SHARE));
}

const seasonSigns: Readonly<Record<SeasonSeen, PlanCase['signs']>> = {
  growing: { inBloom: false, resting: false, leavesShed: false },
  'in bud or bloom': { inBloom: true },
  'at rest': { resting: true, inBloom: false },
  'leaves shed': { leavesShed: true, inBloom: false },
};

function signsSeen({ tips, shoot, season, bulbs, rot, reasons }: Inspection): PlanCase['signs'] {
  const isRotten = rot ?? (bulbs === 'soft or oozing' ? true : undefined);
  const seen = {
    ...(season === undefined ? {} : seasonSigns[season]),
    tips,
    shoot,
    rot: isRotten,
    // A reason not given says nothing.
    wobbles: reasons?.includes('wobbles') ? true : undefined,
    noPot: reasons?.includes('pot broken') ? true : undefined,
  };
  const said = Object.entries(seen).filter(([, value]) => value !== undefined);
  return said.length === 0 ? undefined : (Object.fromEntries(said) as PlanCase['signs']);
}

const withoutUnknown = <T extends object>(values: T): Partial<T> =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Partial<T>;

/**
 * The case with what was seen put in. What the case said of the same things before gives way, all signs together: they were
 * of another day. A map counts plants and shoots by itself.
 */
export function withInspection(planCase: PlanCase, seen: Inspection): PlanCase {
  const { rootDiameterMm, liveRootsPct, shootCount, bulbs, plantCount, growthMap } = seen;
  const condition = conditionSeen(seen);
  const { signs: _before, ...rest } = planCase;
  const signs = signsSeen(seen);
  const current = withoutUnknown({ ...planCase.current, condition });
  return {
    ...rest,
    ...withoutUnknown({
      rootDiameterMm,
      liveRootsPct,
      shootCount,
      bulbs,
      plantCount,
      growthMap,
      rootBallDiameterCm: ballBySqueeze(seen.squeeze, planCase.current?.rimDiameterCm),
    }),
    ...(signs ? { signs } : {}),
    ...(Object.keys(current).length > 0 ? { current } : {}),
  };
}
