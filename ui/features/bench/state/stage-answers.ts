/** What is worked out of the setup on the stage: its figures, its days, a change tried on it, and where it will grow. */
import { type PlanCase, type SetupSpec, specId } from '@core';
import { Latest } from '../../../data/latest';
import { messageOf } from '../../../data/worker/long-work';
import type { Planner } from '../../../data/worker/planner';
import { useAbove } from './above-store';
import { monthOf, specOf, usePlanned } from './plan-store';
import { useStage } from './stage-store';
import { useWhatIf } from './what-if-store';

type StagePlanner = Pick<Planner, 'review' | 'curve' | 'whatIf' | 'growth'>;
type Answer<K extends keyof StagePlanner> = Awaited<ReturnType<Planner[K]>>;

export interface StageAnswers {
  /** The stage follows the plan, the hand and the month; the last answers stay until the next arrive. */
  readonly follow: () => void;
  readonly close: () => void;
}

const set = usePlanned.setState;
const report = (error: unknown) => set({ failure: messageOf(error) });

/** Where it will grow, while somebody looks at it. */
function growthAnswers(planner: StagePlanner) {
  const growths = new Latest<Answer<'growth'>>((growth) => set({ growth }), report);
  /** The pot and case in which plants were moved by hand: in another they are placed anew. */
  let movedIn: string | null = null;
  return {
    follow(planCase: PlanCase, spec: SetupSpec, key: string): void {
      const { isOpen, stands } = useAbove.getState();
      const potKey = `${JSON.stringify(planCase)}${JSON.stringify(spec.vessel)}`;
      if (!isOpen) {
        growths.forget();
        if (usePlanned.getState().growth !== null) set({ growth: null });
        return;
      }
      if (stands !== null && movedIn !== null && movedIn !== potKey) return useAbove.setState({ stands: null });
      movedIn = stands === null ? null : potKey;
      growths.ask(`${key}#${JSON.stringify(stands)}`, () => planner.growth(planCase, spec, stands));
    },
    close: () => growths.close(),
  };
}

export function stageAnswers(planner: StagePlanner): StageAnswers {
  const reviews = new Latest<Answer<'review'>>((review) => set({ review }), report);
  const curves = new Latest<Answer<'curve'>>((curve) => set({ curve }), report);
  const tries = new Latest<Answer<'whatIf'>>((tried) => set({ tried }), report);
  const growths = growthAnswers(planner);
  return {
    follow() {
      const { plan, planCase } = usePlanned.getState();
      const stage = useStage.getState();
      const { change } = useWhatIf.getState();
      const spec = specOf(plan, stage);
      if (!spec || !planCase) return;
      const monthIndex = monthOf(plan, stage);
      const key = `${JSON.stringify(planCase)}${specId(spec)}`;
      // What stands on the shelf was judged with the plan; only what was changed by hand is judged anew.
      const onShelf = plan?.setups.find(({ id }) => id === specId(spec));
      if (onShelf) {
        reviews.forget();
        if (usePlanned.getState().review !== onShelf) set({ review: onShelf });
      } else reviews.ask(key, () => planner.review(planCase, spec));
      curves.ask(`${key}#${monthIndex}`, () => planner.curve(planCase, spec, monthIndex));
      growths.follow(planCase, spec, key);
      if (change === null) {
        tries.forget();
        if (usePlanned.getState().tried !== null) set({ tried: null });
      } else {
        tries.ask(`${key}#${monthIndex}#${JSON.stringify(change)}`, () =>
          planner.whatIf(planCase, spec, change, monthIndex),
        );
      }
    },
    close: () => [reviews, curves, tries, growths].forEach((answers) => answers.close()),
  };
}
