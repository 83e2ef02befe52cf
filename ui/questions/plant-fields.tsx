'use client';

/** What can be seen and measured on the plant itself. */
import { Select } from 'antd';
import { bulbStates, cmToInch, inchToCm } from '@core';
import { number, type WordUnits } from '@core/words';
import type { BenchState } from '../bench/use-bench';
import { Field } from './field';
import { UnitNumber } from './unit-number';
import styles from './questions.module.css';

interface PlantFieldsProps {
  readonly bench: BenchState;
  readonly units: WordUnits;
}

export function faultAt(bench: BenchState, path: string): string | null {
  if (bench.reading.status !== 'faulty') return null;
  return bench.reading.faults.find((fault) => fault.path.startsWith(path))?.message ?? null;
}

export function PlantFields({ bench, units }: PlantFieldsProps) {
  const { answers } = bench.draft;
  const plant = bench.plan?.resolved.plant;
  const isInch = units.length === 'inch';
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Squeeze every root: firm is alive, hollow or mushy is dead.</p>
      <Field id="live" label="Live roots" fault={faultAt(bench, 'liveRootsPct')}>
        <UnitNumber
          id="live"
          value={answers.liveRootsPct}
          placeholder={plant ? number(plant.liveRootShare * 100, 0) : undefined}
          suffix="%"
          step={5}
          hasFault={faultAt(bench, 'liveRootsPct') !== null}
          onChange={(liveRootsPct) => bench.answer({ liveRootsPct })}
        />
      </Field>
      <Field id="tips" label="New root tips">
        <Select
          id="tips"
          allowClear
          placeholder={plant?.hasNewTips ? 'showing (from its state)' : 'none (from its state)'}
          value={answers.hasNewTips as boolean | undefined}
          options={[
            { value: true, label: 'showing' },
            { value: false, label: 'none' },
          ]}
          onChange={(hasNewTips) => bench.answer({ hasNewTips })}
        />
      </Field>
      <Field id="bulbs" label="Bulbs" fault={faultAt(bench, 'bulbs')}>
        <Select
          id="bulbs"
          allowClear
          placeholder={plant?.bulbs}
          value={answers.bulbs as string | undefined}
          options={bulbStates.map((value) => ({ value, label: value }))}
          onChange={(bulbs) => bench.answer({ bulbs })}
        />
      </Field>
      <div className={styles.pair}>
        <Field id="height" label="Height of the plant" fault={faultAt(bench, 'heightCm')}>
          <UnitNumber
            id="height"
            value={answers.heightCm}
            placeholder={plant ? number(isInch ? cmToInch(plant.heightCm) : plant.heightCm, 0) : undefined}
            suffix={isInch ? 'in' : 'cm'}
            step={1}
            toShown={isInch ? cmToInch : undefined}
            toCore={isInch ? inchToCm : undefined}
            hasFault={faultAt(bench, 'heightCm') !== null}
            onChange={(heightCm) => bench.answer({ heightCm })}
          />
        </Field>
        <Field id="leaves" label="All its leaves" fault={faultAt(bench, 'leafAreaCm2')}>
          <UnitNumber
            id="leaves"
            value={answers.leafAreaCm2}
            placeholder={plant ? number(plant.leafAreaCm2, 0) : undefined}
            suffix="cm²"
            step={50}
            hasFault={faultAt(bench, 'leafAreaCm2') !== null}
            onChange={(leafAreaCm2) => bench.answer({ leafAreaCm2 })}
          />
        </Field>
      </div>
    </div>
  );
}
