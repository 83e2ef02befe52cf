/**
 * What nobody has looked at, and what it could change: each thing is supposed to be seen one way and another, and the plan made
 * again. Only what turns "now or later" or the kind of setup that leads is told.
 */
import { makePlan, type PlanFacts, type Timing } from '../advise';
import { genusOf, type PlaceBook, type PlanCase, type SetupSpec } from '../case';
import { hasBulbs } from '../catalogue/genera';
import { k } from './constants';

/** As it might be found. */
export type Supposed =
  | { readonly looked: 'tips'; readonly is: 'starting' | 'none' }
  | { readonly looked: 'shoot'; readonly is: 'half grown' | 'none' }
  | { readonly looked: 'live roots'; readonly is: 'few' | 'nearly all' }
  | { readonly looked: 'root thickness'; readonly is: 'thin' | 'thick'; readonly mm: number }
  | { readonly looked: 'bulbs'; readonly is: 'wrinkled' | 'soft or oozing' }
  | { readonly looked: 'medium'; readonly is: 'sound' | 'gone sour' };

export interface UnlookedFact {
  readonly supposed: Supposed;
  /** As it would be then; null where it stays as it is. */
  readonly verdict: Timing['verdict'] | null;
  /** What would lead then; null where the same kind of setup does. */
  readonly leader: SetupSpec | null;
}

interface Supposition {
  readonly supposed: Supposed;
  readonly planCase: PlanCase;
}

/** Of everything a case can say of the plant in hand, what this one leaves open, seen one way and another. */
export function suppositionsFor(planCase: PlanCase): readonly Supposition[] {
  const genus = genusOf(planCase);
  const { signs = {}, current = {} } = planCase;
  const list: Supposition[] = [];
  const suppose = (supposed: Supposed, change: Partial<PlanCase>) =>
    list.push({ supposed, planCase: { ...planCase, ...change } });
  if (signs.tips === undefined) {
    suppose({ looked: 'tips', is: 'starting' }, { signs: { ...signs, tips: 'starting' } });
    suppose({ looked: 'tips', is: 'none' }, { signs: { ...signs, tips: 'none' } });
  }
  if (signs.shoot === undefined && genus.habit !== 'single stem') {
    suppose({ looked: 'shoot', is: 'half grown' }, { signs: { ...signs, shoot: 'half grown' } });
    suppose({ looked: 'shoot', is: 'none' }, { signs: { ...signs, shoot: 'none' } });
  }
  if (planCase.liveRootsPct === undefined) {
    suppose({ looked: 'live roots', is: 'few' }, { liveRootsPct: k.FEW_LIVE_PCT });
    suppose({ looked: 'live roots', is: 'nearly all' }, { liveRootsPct: k.NEARLY_ALL_LIVE_PCT });
  }
  if (planCase.rootDiameterMm === undefined && genus.rootThickestMm > genus.rootThinnestMm) {
    const [thin, thick] = [genus.rootThinnestMm, genus.rootThickestMm];
    suppose({ looked: 'root thickness', is: 'thin', mm: thin }, { rootDiameterMm: thin });
    suppose({ looked: 'root thickness', is: 'thick', mm: thick }, { rootDiameterMm: thick });
  }
  if (planCase.bulbs === undefined && hasBulbs(planCase.habit ?? genus.habit)) {
    suppose({ looked: 'bulbs', is: 'wrinkled' }, { bulbs: 'wrinkled' });
    suppose({ looked: 'bulbs', is: 'soft or oozing' }, { bulbs: 'soft or oozing', signs: { ...signs, rot: true } });
  }
  if (current.condition === undefined && current.mediumId !== undefined) {
    suppose({ looked: 'medium', is: 'sound' }, { current: { ...current, condition: 'sound' } });
    suppose({ looked: 'medium', is: 'gone sour' }, { current: { ...current, condition: 'gone sour' } });
  }
  return list;
}

/** Whether two setups are of one kind: pot or mount, and what it is mainly filled with. */
function isOneKind(a: SetupSpec, b: SetupSpec): boolean {
  const mainOf = ({ layers }: SetupSpec) => layers.find(({ role }) => role === 'main')?.mix[0]?.mediumId;
  return a.approach === b.approach && a.vessel.kind === b.vessel.kind && mainOf(a) === mainOf(b);
}

function turned(now: PlanFacts, then: PlanFacts): Pick<UnlookedFact, 'verdict' | 'leader'> {
  const [leads, wouldLead] = [now.setups[0]!.spec, then.setups[0]!.spec];
  return {
    verdict: then.timing.verdict === now.timing.verdict ? null : then.timing.verdict,
    leader: isOneKind(leads, wouldLead) ? null : wouldLead,
  };
}

/** What looking could change, in the order in which it would be looked at; nothing is told of what changes nothing. */
export function unlookedOf(
  planCase: PlanCase,
  places: PlaceBook,
  onProgress: (done: number, total: number) => void = () => undefined,
): readonly UnlookedFact[] {
  const suppositions = suppositionsFor(planCase);
  const total = suppositions.length + 1;
  const now = makePlan(planCase, places, { isRough: true });
  onProgress(1, total);
  return suppositions.flatMap(({ supposed, planCase: then }, index): UnlookedFact[] => {
    const change = turned(now, makePlan(then, places, { isRough: true }));
    onProgress(index + 2, total);
    return change.verdict === null && change.leader === null ? [] : [{ supposed, ...change }];
  });
}
