/** A file of the grower's own air on its way to a place: read in a worker, asked about where it must be. */
import { useEffect, useRef, useState } from 'react';
import * as Comlink from 'comlink';
import type { FileAbout, ReadingChoices, ReadingFacts } from '@core';
import { type PlaceReading, wordReading, fileTooLarge } from '@core/words';
import { choicesFor, keepChoices } from '../../data/file-readings';
import { LongWork } from '../../data/worker/long-work';
import type { FileApi } from '../../data/worker/file-worker';
import { startFileWorker } from '../../data/worker/start-worker';

export type FileState =
  | { readonly status: 'none' }
  | { readonly status: 'reading'; readonly share: number }
  | { readonly status: 'failed'; readonly message: string }
  | {
      readonly status: 'read';
      readonly reading: PlaceReading;
      /** Of a logger's table that left a choice: its shape, and what was settled. */
      readonly shape: string | null;
      readonly choices: ReadingChoices;
      /** True where an earlier file of the shape settled it. */
      readonly isAsBefore: boolean;
    };

const MOST_BYTES = 500_000_000;

export interface PlaceFile {
  readonly state: FileState;
  readonly read: (file: File, about: FileAbout) => Promise<PlaceReading | null>;
  readonly settle: (about: FileAbout, choices: ReadingChoices) => Promise<PlaceReading | null>;
  /** Shows the choice again. */
  readonly askAgain: (about: FileAbout) => Promise<void>;
  readonly stop: () => void;
}

export function usePlaceFile(): PlaceFile {
  const [state, setState] = useState<FileState>({ status: 'none' });
  const work = useRef<LongWork<FileApi> | null>(null);
  useEffect(() => () => work.current?.close(), []);
  const working = (): LongWork<FileApi> => (work.current ??= new LongWork(startFileWorker));

  const run = async (start: Parameters<LongWork<FileApi>['run']>[0]): Promise<ReadingFacts | null> => {
    const outcome = await working().run(start as (api: Comlink.Remote<FileApi>) => Promise<ReadingFacts>);
    if (outcome.status === 'done') return outcome.value;
    // What was cancelled was stopped, or another file has taken its place.
    if (outcome.status === 'failed') setState({ status: 'failed', message: outcome.message });
    return null;
  };

  const show = (facts: ReadingFacts, shape: string | null, choices: ReadingChoices, isAsBefore: boolean) => {
    const reading = wordReading(facts);
    setState({ status: 'read', reading, shape, choices, isAsBefore });
    return reading;
  };

  return {
    state,
    read: async (file, about) => {
      if (file.size > MOST_BYTES) {
        setState({ status: 'failed', message: fileTooLarge(MOST_BYTES / 1_000_000) });
        return null;
      }
      setState({ status: 'reading', share: 0 });
      const onBytes = Comlink.proxy((done: number, total: number) =>
        setState((now) => (now.status === 'reading' ? { status: 'reading', share: done / total } : now)),
      );
      const facts = await run((api) => api.read(file, about, onBytes));
      if (!facts) return null;
      if (facts.status !== 'unclear') return show(facts, null, {}, false);
      const before = choicesFor(facts.shape);
      if (!before) return show(facts, facts.shape, {}, false);
      const settled = await run((api) => api.decide(about, before));
      return settled && show(settled, facts.shape, before, settled.status === 'ok');
    },
    settle: async (about, choices) => {
      const shape = state.status === 'read' ? state.shape : null;
      const facts = await run((api) => api.decide(about, choices));
      if (!facts) return null;
      // A choice may bring another: it is kept once it makes a place.
      if (shape !== null && facts.status === 'ok') keepChoices(shape, choices);
      return show(facts, shape, choices, false);
    },
    askAgain: async (about) => {
      const shape = state.status === 'read' ? state.shape : null;
      const facts = await run((api) => api.decide(about, {}));
      if (facts) show(facts, shape, {}, false);
    },
    stop: () => {
      work.current?.cancel();
      setState({ status: 'none' });
    },
  };
}
