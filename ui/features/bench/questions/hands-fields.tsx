'use client';

/** What has done well or failed in the grower's own hands, and what they do not want. */
import { Select, Switch } from 'antd';
import { dislikable, mediumFamilies, wantable } from '@core';
import { handsRecordText } from '@core/words';
import { answer } from '../state/actions';
import { countsRecord, useCase } from '../state/case-store';
import { useFaultAt } from '../state/worded';
import { useAtHand } from '../../../data/stock';
import { Button } from '../../../controls/button';
import { Field } from '../../../controls/field';
import { isMediumSaid, mediumGroups } from '../../../potting/medium-groups';
import styles from './questions.module.css';

const media = mediumFamilies.map((value) => ({ value, label: value }));
const wanted = wantable.map((value) => ({ value, label: value }));
const unwanted = dislikable.map((value) => ({ value, label: value }));

/** Nothing chosen is nothing said. */
const orNothing = (list: readonly string[]) => (list.length > 0 ? list : undefined);

export function HandsFields() {
  const answers = useCase((state) => state.answers);
  const faultAt = useFaultAt();
  const record = useCase((state) => state.handsRecord);
  const plantName = useCase((state) => state.plantName);
  const { mediaAtHand: inStock } = useAtHand(plantName || null);
  const { mediumId, mix } = (answers.current ?? {}) as { readonly mediumId?: unknown; readonly mix?: unknown };
  const isNowSaid = mediumId !== undefined || mix !== undefined;
  const listOf = (value: unknown) => (Array.isArray(value) ? (value as string[]) : []);
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Your own bench counts for more than any book: with such plants, in this place.</p>
      {record.length > 0 ? (
        <div className={styles.record}>
          <p>{handsRecordText(record)}</p>
          <label>
            <Switch
              checked={countsRecord(answers)}
              onChange={(isCounted) => answer({ handsRecord: isCounted ? undefined : [] })}
            />{' '}
            Count my own record
          </label>
        </div>
      ) : null}
      <Field id="went-well" label="Did well for you" fault={faultAt('wentWell')}>
        <Select
          id="went-well"
          mode="multiple"
          placeholder="media"
          value={listOf(answers.wentWell)}
          options={media}
          onChange={(list: string[]) => answer({ wentWell: orNothing(list) })}
        />
      </Field>
      <Field id="went-badly" label="Failed for you" fault={faultAt('wentBadly')}>
        <Select
          id="went-badly"
          mode="multiple"
          placeholder="media"
          value={listOf(answers.wentBadly)}
          options={media}
          onChange={(list: string[]) => answer({ wentBadly: orNothing(list) })}
        />
      </Field>
      <Field id="at-hand" label="Media you have" fault={faultAt('mediaAtHand')}>
        <Select
          id="at-hand"
          mode="multiple"
          placeholder="anything may be bought"
          showSearch={{ filterOption: isMediumSaid }}
          value={listOf(answers.mediaAtHand)}
          options={[...mediumGroups]}
          onChange={(list: string[]) => answer({ mediaAtHand: orNothing(list) })}
        />
      </Field>
      <Button disabled={inStock.length === 0} onClick={() => answer({ mediaAtHand: [...inStock] })}>
        What is in stock
      </Button>
      <p className={styles.hint}>Setups are made of these alone; one thing worth buying is named beside them.</p>
      <Field id="wants" label="You want" fault={faultAt('wants')}>
        <Select
          id="wants"
          mode="multiple"
          placeholder="whatever suits"
          value={listOf(answers.wants)}
          options={wanted.map((option) => ({
            ...option,
            // It must be known how it is.
            disabled: option.value === 'as it is, larger' && !isNowSaid,
          }))}
          onChange={(list: string[]) => answer({ wants: orNothing(list) })}
        />
      </Field>
      <Field id="dislikes" label="You do not want" fault={faultAt('dislikes')}>
        <Select
          id="dislikes"
          mode="multiple"
          placeholder="nothing"
          value={listOf(answers.dislikes)}
          options={unwanted}
          onChange={(list: string[]) => answer({ dislikes: orNothing(list) })}
        />
      </Field>
    </div>
  );
}
