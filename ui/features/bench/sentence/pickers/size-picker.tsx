'use client';

/** How large it is and how it grows. */
import { EditOutlined } from '@ant-design/icons';
import { Select } from 'antd';
import { growthHabits } from '@core';
import { HabitGlyph } from '../../../../drawing/habit-glyph';
import { Button } from '../../../../controls/button';
import { Field } from '../../../../controls/field';
import { LengthNumber } from '../../../../controls/length-number';
import { UnitNumber } from '../../../../controls/unit-number';
import { answer, drawPlant } from '../../state/actions';
import { useCase } from '../../state/case-store';
import { usePlanned } from '../../state/plan-store';
import { useFaultAt } from '../../state/worded';
import { openPhrase } from '../phrases/open-phrase';
import styles from '../../questions/pickers.module.css';

export function SizePicker() {
  const answers = useCase((state) => state.answers);
  const plant = usePlanned((state) => state.plan?.resolved.plant);
  const faultAt = useFaultAt();
  return (
    <div className={styles.column}>
      <Field id="shoots" label="Shoots" fault={faultAt('shootCount')}>
        <UnitNumber
          id="shoots"
          value={answers.shootCount}
          placeholder={plant ? `usually ${plant.shootCount}` : undefined}
          suffix=""
          step={1}
          hasFault={faultAt('shootCount') !== null}
          onChange={(shootCount) => answer({ shootCount })}
        />
      </Field>
      <Button
        id="growth-map"
        icon={<EditOutlined />}
        onClick={() => {
          openPhrase(null);
          drawPlant();
        }}
      >
        Draw it from above
      </Button>
      <Field id="ball" label="Root ball" fault={faultAt('rootBallDiameterCm')}>
        <LengthNumber
          id="ball"
          valueCm={answers.rootBallDiameterCm}
          usualCm={plant?.rootBallDiameterCm}
          hasFault={faultAt('rootBallDiameterCm') !== null}
          onChange={(rootBallDiameterCm) => answer({ rootBallDiameterCm })}
        />
      </Field>
      <Field id="habit" label="How it grows" fault={faultAt('habit')}>
        <Select
          id="habit"
          allowClear
          placeholder={plant?.genus.habit}
          value={answers.habit as string | undefined}
          options={growthHabits.map((habit) => ({ value: habit, label: habit }))}
          optionRender={({ value, label }) => (
            <span className={styles.genusRow}>
              <HabitGlyph habit={value as (typeof growthHabits)[number]} />
              <span>{label}</span>
            </span>
          )}
          onChange={(habit) => answer({ habit })}
        />
      </Field>
    </div>
  );
}
