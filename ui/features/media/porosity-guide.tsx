'use client';

/** The home porosity test, step by step, with the arithmetic done, and a second run to see the spread. */
import { Input, InputNumber, Select, Steps } from 'antd';
import { useState } from 'react';
import {
  FaultError,
  mediaCatalogue,
  mediumById,
  type GrowersMedium,
  growersMediumSchema,
  type PorosityRun,
  porosityTest,
  type PorosityTest,
} from '@core';
import { faultsIn, number, parseWith, percent } from '@core/words';
import { useChangeLibraryItem, useSaveLibraryItem } from '../../data/library';
import { Field } from '../../controls/field';
import { useKeep } from '../../data/use-keep';
import type { LibraryEntry } from '@server/records/library/schemas';
import styles from './media.module.css';
import { Button } from '../../controls/button';

type RawRun = { readonly [K in keyof PorosityRun]: number | null };
const emptyRun: RawRun = { containerMl: null, addedMl: null, drainedMl: null };
const MOST_RUNS = 3;

const stepTexts = [
  'Take a pot with holes you can stop with tape. Fill it with water to the brim and measure that water: the volume of the pot.',
  'Empty it. Fill it with the damp medium as you pot, tap it three times, fill up to the brim.',
  'Pour measured water slowly down the side until it stands at the brim. How much went in?',
  'Hold it over a bowl, take off the tape, let it drip for an hour. How much ran out?',
] as const;

type Reading =
  | { readonly status: 'incomplete' }
  | { readonly status: 'faulty'; readonly messages: readonly string[] }
  | { readonly status: 'ok'; readonly test: PorosityTest };

function readRuns(runs: readonly RawRun[]): Reading {
  const complete = runs.filter(
    (run): run is PorosityRun => run.containerMl !== null && run.addedMl !== null && run.drainedMl !== null,
  );
  if (complete.length === 0) return { status: 'incomplete' };
  try {
    return { status: 'ok', test: porosityTest(complete) };
  } catch (error) {
    if (error instanceof FaultError) {
      return {
        status: 'faulty',
        messages: faultsIn(error).map((fault) => `Run ${Number(fault.path.split('.')[1]) + 1}: ${fault.message}`),
      };
    }
    throw error;
  }
}

interface PorosityGuideProps {
  /** The medium that is changed; null for a new one. */
  readonly changing: LibraryEntry<'medium'> | null;
  readonly onDone: () => void;
}

export function PorosityGuide({ changing, onDone }: PorosityGuideProps) {
  const [runs, setRuns] = useState<readonly RawRun[]>([emptyRun]);
  const reading = readRuns(runs);
  const set = (index: number, patch: Partial<RawRun>) =>
    setRuns(runs.map((run, i) => (i === index ? { ...run, ...patch } : run)));
  return (
    <section className={`on-screen-only ${styles.guide}`} aria-label="Measure your own medium">
      <h2>{changing ? `Change ${changing.data.name}` : 'Measure your own medium'}</h2>
      <div className={styles.guideColumns}>
        <Steps
          orientation="vertical"
          size="small"
          current={-1}
          items={stepTexts.map((text) => ({ title: text, status: 'process' as const }))}
        />
        <div>
          {runs.map((run, i) => (
            <fieldset key={i} className={styles.run}>
              <legend>{i === 0 ? 'First run' : i === 1 ? 'Second run' : 'Third run'}</legend>
              {(
                [
                  ['containerMl', 'Volume of the pot'],
                  ['addedMl', 'Water added'],
                  ['drainedMl', 'Water drained'],
                ] as const
              ).map(([key, label]) => (
                <Field key={key} id={`${key}-${i}`} label={label}>
                  <InputNumber
                    id={`${key}-${i}`}
                    style={{ width: '100%' }}
                    value={run[key]}
                    suffix="mL"
                    onChange={(value) => set(i, { [key]: value })}
                  />
                </Field>
              ))}
            </fieldset>
          ))}
          {runs.length < MOST_RUNS ? (
            <Button onClick={() => setRuns([...runs, { ...emptyRun, containerMl: runs[0]?.containerMl ?? null }])}>
              Another run, to see the spread
            </Button>
          ) : null}
          {reading.status === 'faulty' ? (
            <ul role="alert" className={styles.faults}>
              {reading.messages.map((message) => (
                <li key={message}>{message}</li>
              ))}
            </ul>
          ) : null}
          {reading.status === 'ok' ? <Outcome test={reading.test} firstRun={runs[0]!} /> : null}
        </div>
      </div>
      <KeepOwn test={reading.status === 'ok' ? reading.test : null} changing={changing} onDone={onDone} />
    </section>
  );
}

function Outcome({ test, firstRun }: { readonly test: PorosityTest; readonly firstRun: RawRun }) {
  const { spread } = test;
  return (
    <div className={styles.outcome} data-testid="porosity">
      <p>
        All pores {percent(test.totalPorosity)} = {number(firstRun.addedMl ?? 0, 0)} mL in{' '}
        {number(firstRun.containerMl ?? 0, 0)} mL
        {spread ? ' (mean of the runs)' : ''}.
      </p>
      <p>
        <strong>
          Air {percent(test.airShare)}
          {spread ? ` ± ${number(spread.airShare * 100, 0)}` : ''}
        </strong>
        , what ran out;{' '}
        <strong>
          water {percent(test.capacityShare)}
          {spread ? ` ± ${number(spread.capacityShare * 100, 0)}` : ''}
        </strong>
        , what stayed.
      </p>
      {spread === null ? (
        <p className={styles.hint}>One run says nothing of its own error; a second shows the spread.</p>
      ) : spread.airShare > 0.04 ? (
        <p className={styles.hint}>The runs differ: tap the pot the same way each time, and run it again.</p>
      ) : null}
    </div>
  );
}

interface RawOwn {
  readonly name: string;
  readonly likeId: string;
  readonly smallMm: number | null;
  readonly largeMm: number | null;
  readonly depthCm: number | null;
}

const emptyOwn: RawOwn = { name: '', likeId: 'bark-6-12', smallMm: null, largeMm: null, depthCm: null };

/** What was measured before holds until it is measured again. */
function measuredOf({ airShare, capacityShare, spreadShare }: GrowersMedium): Partial<GrowersMedium> {
  return Object.fromEntries(
    Object.entries({ airShare, capacityShare, spreadShare }).filter(([, value]) => value !== undefined),
  );
}

function rawOf({ name, likeId, smallMm, largeMm, depthCm }: GrowersMedium): RawOwn {
  return { name, likeId, smallMm: smallMm ?? null, largeMm: largeMm ?? null, depthCm: depthCm ?? null };
}

function KeepOwn({ test, changing, onDone }: PorosityGuideProps & { readonly test: PorosityTest | null }) {
  const save = useSaveLibraryItem('medium');
  const change = useChangeLibraryItem('medium');
  const keepIt = useKeep();
  const [own, setOwn] = useState<RawOwn>(changing ? rawOf(changing.data) : emptyOwn);
  const [fault, setFault] = useState<string | null>(null);
  const like = mediumById(own.likeId);
  const keep = async () => {
    const measured = test
      ? {
          airShare: test.airShare,
          capacityShare: test.capacityShare,
          ...(test.spread ? { spreadShare: test.spread.capacityShare } : {}),
        }
      : changing
        ? measuredOf(changing.data)
        : {};
    const given = Object.fromEntries(Object.entries(own).filter(([, value]) => value !== null));
    const parsed = parseWith(growersMediumSchema, { ...given, ...measured });
    if (parsed.status === 'faulty') {
      setFault(parsed.faults[0]?.message ?? 'cannot be used');
      return;
    }
    const kept = await keepIt(() =>
      changing ? change.mutateAsync({ seen: changing, data: parsed.value }) : save.mutateAsync(parsed.value),
    );
    if (kept.status !== 'refused') {
      setOwn(emptyOwn);
      onDone();
    }
    setFault(kept.status === 'refused' ? kept.message : null);
  };
  return (
    <div className={styles.keepOwn}>
      <Field id="own-name" label="Name of your medium">
        <Input
          id="own-name"
          autoFocus={changing !== null}
          value={own.name}
          maxLength={60}
          onChange={(event) => setOwn({ ...own, name: event.target.value })}
        />
      </Field>
      <Field id="own-like" label="Most like">
        <Select
          id="own-like"
          showSearch={{ optionFilterProp: 'label' }}
          value={own.likeId}
          options={mediaCatalogue.map((medium) => ({ value: medium.id, label: medium.name }))}
          popupMatchSelectWidth={false}
          onChange={(likeId) => setOwn({ ...own, likeId })}
        />
      </Field>
      <Field id="own-small" label="Smallest pieces">
        <InputNumber
          id="own-small"
          style={{ width: '100%' }}
          value={own.smallMm}
          placeholder={String(like.d10Mm)}
          suffix="mm"
          onChange={(smallMm) => setOwn({ ...own, smallMm })}
        />
      </Field>
      <Field id="own-large" label="Largest pieces">
        <InputNumber
          id="own-large"
          style={{ width: '100%' }}
          value={own.largeMm}
          placeholder={String(like.d90Mm)}
          suffix="mm"
          onChange={(largeMm) => setOwn({ ...own, largeMm })}
        />
      </Field>
      <Field id="own-depth" label="Depth of the test pot">
        <InputNumber
          id="own-depth"
          style={{ width: '100%' }}
          value={own.depthCm}
          placeholder="10"
          suffix="cm"
          onChange={(depthCm) => setOwn({ ...own, depthCm })}
        />
      </Field>
      <Button kind="main" onClick={() => void keep()} disabled={own.name.trim() === ''}>
        {changing ? 'Keep the change' : test ? 'Keep it, as measured' : 'Keep it, like the similar one'}
      </Button>
      {changing ? <Button onClick={onDone}>Leave it as it was</Button> : null}
      {fault ? (
        <p role="alert" className={styles.fault}>
          {fault}
        </p>
      ) : null}
    </div>
  );
}
