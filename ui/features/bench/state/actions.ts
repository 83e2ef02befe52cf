/** What a grower does at the bench, where it touches more than one store. */
import { changedSpec, type Genus, type PlanCase, type SetupSpec, specId } from '@core';
import { MOST_BESIDE, type RawCase } from '../../../data/bench-draft';
import { drawMap } from './above-store';
import { emptyCase, useCase } from './case-store';
import { specOf, usePlanned } from './plan-store';
import { emptyStage, forgetEdits, useStage, withoutStep } from './stage-store';
import { tryChange, useWhatIf } from './what-if-store';

/** A new answer makes a new plan: what was changed by hand on the old one goes. */
export function answer(patch: RawCase): void {
  useStage.setState({ edited: null });
  forgetEdits();
  useCase.setState(({ answers }) => ({ answers: { ...answers, ...patch } }));
}

/** Another kind: what was measured on the plant before does not carry over. genusOverrides: what is known to differ in its species. */
/**
 * What was typed of a new plant is its name from then on, where it says more than its group: two words and more, or a name
 * that is not known. A plant on file keeps its own.
 */
export function nameFrom(typed: string, isUnknown: boolean): void {
  const name = typed.trim().replace(/\s+/g, ' ');
  const saysMore = isUnknown ? name !== '' : /\S \S/.test(name);
  if (useCase.getState().plantId === null && saysMore) useCase.setState({ plantName: name });
}

export function setGenus(genus: string | Genus, genusOverrides?: PlanCase['genusOverrides']): void {
  answer({
    genus,
    genusOverrides,
    bulbs: undefined,
    liveRootsPct: undefined,
    signs: undefined,
    heightCm: undefined,
    leafAreaCm2: undefined,
    rootDiameterMm: undefined,
    habit: undefined,
    stage: undefined,
    fronts: undefined,
    frontsRun: undefined,
    shootCount: undefined,
    growthMap: undefined,
    rootBallDiameterCm: undefined,
  });
}

/** Begins with another plant. */
export function startAnew(): void {
  useStage.setState(emptyStage);
  forgetEdits();
  tryChange(null);
  useCase.setState(emptyCase());
}

export function choose(chosenId: string): void {
  useStage.setState({ chosenId, edited: null });
  forgetEdits();
}

/** isNewStep: undo comes back to what was there before. */
export function edit(spec: SetupSpec, isNewStep: boolean): void {
  const change = () => useStage.setState({ edited: spec });
  if (isNewStep) change();
  else withoutStep(change);
}

export const asProposed = (): void => useStage.setState({ edited: null });

export const showMonth = (monthIndex: number): void => useStage.setState({ monthIndex });

/** Sets a setup beside the others, or takes it away again; the first goes when the page is full. */
export function toggleBeside(wanted: SetupSpec): void {
  useStage.setState(({ beside }) => {
    const id = specId(wanted);
    const others = beside.filter((entry) => specId(entry) !== id);
    const isNew = others.length === beside.length;
    return { beside: isNew ? [...others, wanted].slice(-MOST_BESIDE) : others };
  });
}

/** Takes the tried change over into setup and answers; undo takes the setup's part back. */
export function keepTried(): void {
  const { change } = useWhatIf.getState();
  const spec = specOf(usePlanned.getState().plan, useStage.getState());
  if (!change || !spec) return;
  const { place, routine, heatWave, holiday } = change;
  const said = Object.entries({ place, routine, heatWave, holiday }).filter(([, value]) => value !== undefined);
  useStage.setState({ edited: changedSpec(spec, change) });
  tryChange(null);
  if (said.length > 0) useCase.setState(({ answers }) => ({ answers: { ...answers, ...Object.fromEntries(said) } }));
}

/** The sheet on which the plant is drawn lies beside a pot: a mount makes way for the first pot on the shelf. */
export function drawPlant(): void {
  const { plan } = usePlanned.getState();
  const spec = specOf(plan, useStage.getState());
  const pot = plan?.setups.find((setup) => setup.spec.vessel.kind === 'pot');
  if (spec?.vessel.kind === 'mount' && pot) choose(pot.id);
  tryChange(null);
  drawMap(true);
}

export function setPlant(plantId: string, plantName: string, plantVersion: number): void {
  useCase.setState({ plantId, plantName, plantVersion, entry: null });
}
