'use client';

/** What can be seen and measured on the plant itself. */
import { Select } from 'antd';
import { pseudobulbStates, leadDirections, plantStages } from '@core';
import { number } from '@core/words';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { useFaultAt } from '../state/worded';
import { Field } from '../../../controls/field';
import { LengthNumber } from '../../../controls/length-number';
import { UnitNumber } from '../../../controls/unit-number';
import styles from './questions.module.css';

export function PlantFields() {
  const answers = useCase((state) => state.answers);
  const plant = usePlanned((state) => state.plan?.resolved.plant);
  const faultAt = useFaultAt();
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Squeeze every root: firm is alive, hollow or mushy is dead.</p>
      <Field id="live" label="Live roots" fault={faultAt('liveRootsPct')}>
        <UnitNumber
          id="live"
          value={answers.liveRootsPct}
          placeholder={plant ? number(plant.liveRootShare * 100, 0) : undefined}
          suffix="%"
          step={5}
          hasFault={faultAt('liveRootsPct') !== null}
          onChange={(liveRootsPct) => answer({ liveRootsPct })}
        />
      </Field>
      <Field id="bulbs" label="Bulbs" fault={faultAt('bulbs')}>
        <Select
          id="bulbs"
          allowClear
          placeholder={plant?.bulbs}
          value={answers.bulbs as string | undefined}
          options={pseudobulbStates.map((value) => ({ value, label: value }))}
          onChange={(bulbs) => answer({ bulbs })}
        />
      </Field>
      <div className={styles.pair}>
        <Field id="stage" label="What it is" fault={faultAt('stage')}>
          <Select
            id="stage"
            allowClear
            placeholder={plant?.stage}
            value={answers.stage as string | undefined}
            options={plantStages.map((value) => ({ value, label: value }))}
            onChange={(stage) => answer({ stage })}
          />
        </Field>
        <Field id="plant-count" label="Plants in the pot" fault={faultAt('plantCount')}>
          <UnitNumber
            id="plant-count"
            value={answers.plantCount}
            placeholder="1"
            suffix=""
            step={1}
            hasFault={faultAt('plantCount') !== null}
            onChange={(plantCount) => answer({ plantCount })}
          />
        </Field>
        <Field id="fronts" label="Growing fronts" fault={faultAt('fronts')}>
          <UnitNumber
            id="fronts"
            value={answers.fronts}
            placeholder={plant ? number(plant.fronts, 0) : undefined}
            suffix=""
            step={1}
            hasFault={faultAt('fronts') !== null}
            onChange={(fronts) => answer({ fronts })}
          />
        </Field>
        <Field id="fronts-run" label="They run" fault={faultAt('frontsRun')}>
          <Select
            id="fronts-run"
            allowClear
            placeholder={plant?.frontsRun}
            value={answers.frontsRun as string | undefined}
            options={leadDirections.map((value) => ({ value, label: value }))}
            onChange={(frontsRun) => answer({ frontsRun })}
          />
        </Field>
      </div>
      <div className={styles.pair}>
        <Field id="height" label="Height of the plant" fault={faultAt('heightCm')}>
          <LengthNumber
            id="height"
            valueCm={answers.heightCm}
            usualCm={plant?.heightCm}
            step={1}
            hasFault={faultAt('heightCm') !== null}
            onChange={(heightCm) => answer({ heightCm })}
          />
        </Field>
        <Field id="leaves" label="All its leaves" fault={faultAt('leafAreaCm2')}>
          <UnitNumber
            id="leaves"
            value={answers.leafAreaCm2}
            placeholder={plant ? number(plant.leafAreaCm2, 0) : undefined}
            suffix="cm²"
            step={50}
            hasFault={faultAt('leafAreaCm2') !== null}
            onChange={(leafAreaCm2) => answer({ leafAreaCm2 })}
          />
        </Field>
      </div>
    </div>
  );
}
