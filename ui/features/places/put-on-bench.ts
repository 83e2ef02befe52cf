import type { Place } from '@core';
import { emptyDraft, loadDraft, storeDraft } from '../../data/bench-draft';
import { placeInCase } from '../../data/place-in-case';
import { thisMonth } from '../../data/worker/first-case';

/** The case on the bench from now on stands there. */
export function putOnBench(place: Place): void {
  const draft = loadDraft() ?? emptyDraft(thisMonth());
  storeDraft({ ...draft, answers: { ...draft.answers, place: placeInCase(place) } });
}
