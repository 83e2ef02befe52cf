'use client';

/** The first screen: questions, the setup on the stage, what is said of it, and the shelf of choices. */
import { App, Button, Progress } from 'antd';
import { useEffect, useState } from 'react';
import { Details } from '../details/details';
import { PottedDialog } from '../plants/potted-dialog';
import { Questions } from '../questions/questions';
import { Shelf } from '../shelf/shelf';
import { ShortcutsHelp } from '../shell/shortcuts-help';
import { Stage } from '../stage/stage';
import { useIsBrowser } from '../units/stored';
import { useUnits } from '../units/units-context';
import { WhatIfPanel } from '../what-if/what-if-panel';
import styles from './bench.module.css';
import { useBench } from './use-bench';

/** The bench begins with the draft in the browser, so the server's page shows only its frame. */
export function Bench() {
  const isBrowser = useIsBrowser();
  return isBrowser ? <BenchInBrowser /> : <p className={styles.waiting}>Setting the bench…</p>;
}

function BenchInBrowser() {
  const { units } = useUnits();
  const bench = useBench(units);
  const { message } = App.useApp();
  const [isPotting, setPotting] = useState(false);
  const [isHelp, setHelp] = useState(false);
  const { plan, review, working } = bench;
  const chosenId = bench.draft.edited
    ? null
    : (plan?.setups.find((setup) => setup.id === bench.draft.chosenId)?.id ?? plan?.setups[0]?.id ?? null);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (target.closest('input, textarea, [role="combobox"], .ant-modal')) return;
      if ((event.ctrlKey || event.metaKey) && event.key === 'z') {
        event.preventDefault();
        bench.undo();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const setup = plan?.setups[Number(event.key) - 1];
      if (setup) bench.choose(setup.id);
      else if (event.key === 'p') setPotting(true);
      else if (event.key === 'w') bench.tryChange(bench.tried ? null : {});
      else if (event.key === 'b' && bench.spec) bench.toggleBeside(bench.spec);
      else if (event.key === '?') setHelp(true);
      else if (event.key === '/') {
        document.getElementById('genus')?.focus();
      } else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  return (
    <div className={styles.bench}>
      <div className={styles.questions}>
        <Questions bench={bench} units={units} />
      </div>
      <div className={styles.stage}>
        <div className={styles.progress} aria-live="polite">
          {working ? (
            <>
              <Progress
                percent={Math.round((100 * working.done) / Math.max(1, working.total))}
                size="small"
                showInfo={false}
                strokeColor="#35613d"
                aria-label="Working out the setups"
              />
              <Button size="small" onClick={bench.cancel}>
                Stop
              </Button>
            </>
          ) : null}
        </div>
        <Stage bench={bench} units={units} />
      </div>
      <div className={styles.details}>
        {bench.tried && bench.spec ? (
          <WhatIfPanel bench={bench} spec={bench.spec} tried={bench.tried} units={units} />
        ) : plan && review ? (
          <Details bench={bench} plan={plan} review={review} units={units} onPotted={() => setPotting(true)} />
        ) : null}
      </div>
      <div className={styles.shelf}>
        {plan ? <Shelf bench={bench} setups={plan.setups} chosenId={chosenId} /> : null}
        <button type="button" className={styles.keys} onClick={() => setHelp(true)}>
          Keys: ?
        </button>
      </div>
      {isPotting && bench.planCase && bench.spec ? (
        <PottedDialog
          planCase={bench.planCase}
          spec={bench.spec}
          plantId={bench.draft.plantId}
          plantName={bench.draft.plantName}
          onClose={() => setPotting(false)}
          onSaved={(log) => {
            setPotting(false);
            bench.setPlant(log.id, log.name);
            void message.success({
              content: (
                <span>
                  Kept in the log of <a href={`/plants/${log.id}`}>{log.name}</a>
                </span>
              ),
              duration: 8,
            });
          }}
        />
      ) : null}
      <ShortcutsHelp isOpen={isHelp} onClose={() => setHelp(false)} />
    </div>
  );
}
