/** What a case leaves open of the plant in hand, supposed to be seen one way and another. */
import { genusOf, type PlanCase } from '../case';
import { hasPseudobulbs } from '../catalogue/genera';
import { k } from './constants';

/** As it might be found. */
export type Supposed =
  | { readonly looked: 'tips'; readonly is: 'starting' | 'none' }
  | { readonly looked: 'shoot'; readonly is: 'half grown' | 'none' }
  | { readonly looked: 'live roots'; readonly is: 'few' | 'nearly all' }
  | { readonly looked: 'root thickness'; readonly is: 'thin' | 'thick'; readonly mm: number }
  | { readonly looked: 'bulbs'; readonly is: 'wrinkled' | 'soft or oozing' }
  | { readonly looked: 'medium'; readonly is: 'sound' | 'gone sour' };

export interface Supposition {
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
  if (planCase.bulbs === undefined && hasPseudobulbs(planCase.habit ?? genus.habit)) {
    suppose({ looked: 'bulbs', is: 'wrinkled' }, { bulbs: 'wrinkled' });
    suppose({ looked: 'bulbs', is: 'soft or oozing' }, { bulbs: 'soft or oozing', signs: { ...signs, rot: true } });
  }
  if (current.condition === undefined && current.mediumId !== undefined) {
    suppose({ looked: 'medium', is: 'sound' }, { current: { ...current, condition: 'sound' } });
    suppose({ looked: 'medium', is: 'gone sour' }, { current: { ...current, condition: 'gone sour' } });
  }
  return list;
}
