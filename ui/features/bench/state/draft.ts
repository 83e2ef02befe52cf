/** The bench as the browser keeps it: read when it is opened, written at every change. */
import { type BenchDraft, DRAFT_KEY, openingDraft, storeDraft } from '../../../data/bench-draft';
import { useCase } from './case-store';
import { forgetEdits, useStage } from './stage-store';
import { useWhatIf } from './what-if-store';

export function openDraft(): void {
  const { answers, plantId, plantName, plantVersion, entry, chosenId, edited, monthIndex, beside, whatIf } =
    openingDraft(localStorage.getItem(DRAFT_KEY));
  useCase.setState({ answers, plantId, plantName, plantVersion, entry });
  useStage.setState({ chosenId, edited, monthIndex, beside });
  useWhatIf.setState({ change: whatIf });
  forgetEdits();
}

function draftNow(): BenchDraft {
  const { answers, plantId, plantName, plantVersion, entry } = useCase.getState();
  const { chosenId, edited, monthIndex, beside } = useStage.getState();
  const { change: whatIf } = useWhatIf.getState();
  return { answers, plantId, plantName, plantVersion, entry, chosenId, edited, monthIndex, beside, whatIf };
}

/** Writes the draft from now on; returns what ends it. */
export function keepDraft(): () => void {
  const keep = () => storeDraft(draftNow());
  keep();
  const ends = [useCase.subscribe(keep), useStage.subscribe(keep), useWhatIf.subscribe(keep)];
  return () => ends.forEach((end) => end());
}
