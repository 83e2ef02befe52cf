'use client';

/** What is in the water: its own salts, and feed. */
import { Select } from 'antd';
import { waterKinds } from '@core';
import { number } from '@core/words';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { useFaultAt } from '../state/worded';
import { Field } from '../../../controls/field';
import { UnitNumber } from '../../../controls/unit-number';
import styles from './questions.module.css';

interface LooseFeed {
  readonly addsDsM?: unknown;
  readonly everyDays?: unknown;
}

export function WaterFields() {
  const answers = useCase((state) => state.answers);
  const feeding = usePlanned((state) => state.plan?.resolved.feeding);
  const faultAt = useFaultAt();
  const feed = (answers.feed ?? {}) as LooseFeed;
  const patchFeed = (change: LooseFeed) => {
    const next = Object.fromEntries(Object.entries({ ...feed, ...change }).filter(([, value]) => value !== undefined));
    answer({ feed: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Rain is near 0, soft tap water 0.1–0.3, hard 0.6 and more. A pen measures it.</p>
      <Field id="water-kind" label="Your water" fault={faultAt('waterKind')}>
        <Select
          id="water-kind"
          allowClear
          placeholder="as such plants are usually watered"
          value={answers.waterKind as string | undefined}
          options={waterKinds.map((value) => ({ value, label: value }))}
          onChange={(waterKind) => answer({ waterKind })}
        />
      </Field>
      <Field id="water-salts" label="Its salts, if measured" fault={faultAt('waterDsM')}>
        <UnitNumber
          id="water-salts"
          value={answers.waterDsM}
          placeholder={feeding ? number(feeding.waterDsM, 2) : undefined}
          suffix="mS/cm"
          step={0.1}
          hasFault={faultAt('waterDsM') !== null}
          onChange={(waterDsM) => answer({ waterDsM })}
        />
      </Field>
      <div className={styles.pair}>
        <Field id="feed-adds" label="Feed adds" fault={faultAt('feed.addsDsM')}>
          <UnitNumber
            id="feed-adds"
            value={feed.addsDsM}
            placeholder={feeding ? number(feeding.feedDsM - feeding.waterDsM, 2) : undefined}
            suffix="mS/cm"
            step={0.1}
            hasFault={faultAt('feed.addsDsM') !== null}
            onChange={(addsDsM) => patchFeed({ addsDsM })}
          />
        </Field>
        <Field id="feed-every" label="Feed every" fault={faultAt('feed.everyDays')}>
          <UnitNumber
            id="feed-every"
            value={feed.everyDays}
            placeholder={feeding?.everyDays ? number(feeding.everyDays, 0) : undefined}
            suffix="days"
            step={7}
            hasFault={faultAt('feed.everyDays') !== null}
            onChange={(everyDays) => patchFeed({ everyDays })}
          />
        </Field>
      </div>
    </div>
  );
}
