'use client';

/** What is on the bench: questions, the setup on the stage, what is said of it, and the shelf of choices. */
import { keptInLogOf } from '@core/words';
import dynamic from 'next/dynamic';
import { startTransition, useCallback, useDeferredValue, useEffect, useState } from 'react';
import type { PlanAnswer, SetupReview } from '@core/words';
import { useBenchKeys } from '../../controls/use-bench-keys';
import { useLibrary } from '../../data/library';
import { wasAskedToInspect } from '../../data/begin-inspection';
import { inPauses, pause } from '../../data/in-pauses';
import styles from './bench.module.css';
import { keepInspection, startInspection, useInspect } from './state/inspect-store';
import { openPhrase } from './sentence/phrases/open-phrase';
import { loadBodies, Sentence } from './sentence/sentence';
import { moveHours } from './stage/hours';
import { Stage } from './stage/stage';
import { choose, setPlant, toggleBeside } from './state/actions';
import { useCase } from './state/case-store';
import type { Engine } from './state/engine';
import { useHandsRecord } from './state/hands-record';
import { openBench } from './state/opened';
import { showFromAbove, useAbove } from './state/above-store';
import { usePlanned } from './state/plan-store';
import { setPotted } from './state/potted-store';
import { undoEdit } from './state/stage-store';
import { EngineContext, useEngine } from './state/use-engine';
import { usePlanWords, useReviewWords, useSpec } from './state/worded';
import { ProgressBar } from '../../controls/progress-bar';
import { tryChange, useWhatIf } from './state/what-if-store';
import { messages } from '../../data/messages';
import type { WayToKeep } from '../../potting/ways';
import { Button } from '../../controls/button';

/**
 * What opens only when asked for comes after the first answer, and before it is asked for: it must open when the server is
 * gone, too.
 */
const later = {
  keepIt: () => import('../../potting/keep-it-dialog').then((file) => file.KeepItDialog),
  whatIf: () => import('./what-if/what-if-panel').then((file) => file.WhatIfPanel),
  whatIfStage: () => import('./what-if/what-if-stage').then((file) => file.WhatIfStage),
  above: () => import('./stage/from-above').then((file) => file.FromAbove),
  inspect: () => import('./inspect/inspect').then((file) => file.Inspect),
  help: () => import('../../shell/shortcuts-help').then((file) => file.ShortcutsHelp),
  readyLook: () => import('./sentence/warm-styles').then((file) => file.WarmStyles),
};

/** What follows the first answer is fetched while it is worked out. */
const soon = {
  shelf: () => import('./shelf/shelf').then((file) => file.Shelf),
  details: () => import('./details/details').then((file) => file.Details),
};

const Shelf = dynamic(soon.shelf, { ssr: false });
const Details = dynamic(soon.details, { ssr: false });
const KeepItDialog = dynamic(later.keepIt, { ssr: false });
const WhatIfPanel = dynamic(later.whatIf, { ssr: false });
const Inspect = dynamic(later.inspect, { ssr: false });
const ShortcutsHelp = dynamic(later.help, { ssr: false });
const WarmStyles = dynamic(later.readyLook, { ssr: false });

/** Opens the draft, starts the workers, and ends both when the page is left. */
export function BenchTable() {
  const [engine, setEngine] = useState<Engine | null>(null);
  useEffect(() => {
    const opened = openBench();
    // Drawn in pieces: the first drawing of the bench is the longest.
    startTransition(() => setEngine(opened.engine));
    void inPauses([pause, soon.shelf, soon.details]);
    return opened.close;
  }, []);
  useEffect(() => {
    const end = keepInspection();
    if (wasAskedToInspect()) startInspection();
    return end;
  }, []);
  const ownMedia = useLibrary('medium');
  useEffect(() => {
    useCase.setState({ ownMedia: ownMedia.map((item) => item.data) });
  }, [ownMedia]);
  useHandsRecord();
  return engine ? (
    <EngineContext.Provider value={engine}>
      <Table />
    </EngineContext.Provider>
  ) : (
    <p className={styles.waiting}>Setting the bench…</p>
  );
}

/** What shelf and details tell of. */
interface WordedCase {
  readonly plan: PlanAnswer;
  readonly review: SetupReview;
}

function Table() {
  /** How it is to be kept; null while it is not. */
  const [keeping, setKeeping] = useState<WayToKeep | null>(null);
  const [isHelp, setHelp] = useState(false);
  /** Everything that can be opened is there, should the server go. */
  const [isWhole, setWhole] = useState(false);
  const openKeeping = useCallback((way: WayToKeep) => setKeeping(way), []);
  const plan = usePlanWords();
  const review = useReviewWords();
  const spec = useSpec();
  const isWorking = usePlanned((state) => state.working !== null);
  const isInspecting = useInspect((state) => state.isOpen);
  const isTrying = useWhatIf((state) => state.change !== null);
  // The stage comes first; shelf and details follow in the time that it leaves.
  const [worded, setWorded] = useState<WordedCase | null>(null);
  const tellMore = useCallback((now: PlanAnswer, of: SetupReview) => {
    startTransition(() => setWorded({ plan: now, review: of }));
  }, []);
  // The shelf first, then the words beside it: each is laid out in a task of its own.
  const explained = useDeferredValue(worded, null);

  const isToldStill = plan !== null && review !== null;
  const isAnswered = plan !== null && !isWorking;
  useEffect(() => {
    if (isAnswered) void inPauses([pause, ...Object.values(later), loadBodies]).then(() => setWhole(true));
  }, [isAnswered]);

  useBenchKeys({
    choose: (index) => {
      const setup = plan?.setups[index];
      if (setup) choose(setup.id);
    },
    hours: (index) => moveHours(index === 0 ? -1 : 1),
    undo: undoEdit,
    whatIf: () => tryChange(isTrying ? null : {}),
    above: () => showFromAbove(!useAbove.getState().isOpen),
    beside: () => {
      if (spec) toggleBeside(spec);
    },
    potted: () => setKeeping(useCase.getState().entry ? 'put right' : 'potted'),
    planned: () => setKeeping('planned'),
    genus: () => openPhrase('genus'),
    roots: () => openPhrase('roots'),
    shows: () => openPhrase('shows'),
    place: () => openPhrase('place'),
    watering: () => openPhrase('watering'),
    now: () => openPhrase('now'),
    and: () => openPhrase('and'),
    inspect: startInspection,
    help: () => setHelp(true),
  });

  return (
    <div className={styles.bench} data-whole={isWhole ? '' : undefined}>
      <div className={styles.sentence}>
        <Sentence onKeys={() => setHelp(true)} />
      </div>
      <div className={styles.stage}>
        <PlanProgress />
        <Stage onDrawn={tellMore} />
      </div>
      <div className={styles.details}>
        {isTrying && spec ? (
          <WhatIfPanel spec={spec} />
        ) : explained && isToldStill ? (
          <Details plan={explained.plan} review={explained.review} onKeep={openKeeping} />
        ) : null}
      </div>
      <div className={styles.shelf} data-part="shelf" aria-busy={isWorking || worded?.plan !== plan}>
        {worded && isToldStill ? <Shelf setups={worded.plan.setups} /> : null}
      </div>
      {keeping ? <Keeping way={keeping} onClose={() => setKeeping(null)} /> : null}
      {isInspecting ? <Inspect /> : null}
      {isWhole ? <WarmStyles /> : null}
      {isHelp ? <ShortcutsHelp isOpen onClose={() => setHelp(false)} /> : null}
    </div>
  );
}

function PlanProgress() {
  const engine = useEngine();
  const working = usePlanned((state) => state.working);
  return (
    <div className={styles.progress} aria-live="polite">
      {working ? (
        <>
          <ProgressBar label="Working out the setups" done={working.done} total={working.total} />
          <Button onClick={() => engine.cancel()}>Stop</Button>
        </>
      ) : null}
    </div>
  );
}

function Keeping({ way, onClose }: { readonly way: WayToKeep; readonly onClose: () => void }) {
  const planCase = usePlanned((state) => state.planCase);
  const spec = useSpec();
  const { plantId, plantName, plantVersion, entry } = useCase.getState();
  if (!planCase || !spec) return null;
  return (
    <KeepItDialog
      way={way}
      entry={entry}
      planCase={planCase}
      spec={spec}
      plantId={plantId}
      plantName={plantName}
      plantVersion={plantVersion}
      onClose={onClose}
      onSaved={(log, kept) => {
        onClose();
        setPlant(log.id, log.name, log.version);
        messages.success(keptInLogOf(log.name));
        if (kept === 'potted') setPotted({ id: log.id, name: log.name });
      }}
    />
  );
}
