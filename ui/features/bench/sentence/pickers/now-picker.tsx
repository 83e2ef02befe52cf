'use client';

/** What it is in now: medium, since when, pot. */
import { Select } from 'antd';
import { mediaCatalogue, mediumConditions, vesselCatalogue } from '@core';
import { mediumNowWords } from '@core/words';
import { PotOutline } from '../../../../drawing/pot-outline';
import { Field } from '../../../../controls/field';
import { LengthNumber } from '../../../../controls/length-number';
import { UnitNumber } from '../../../../controls/unit-number';
import { answer } from '../../state/actions';
import { useCase } from '../../state/case-store';
import { useFaultAt } from '../../state/worded';
import styles from '../../questions/pickers.module.css';

const vesselOptions = vesselCatalogue.map((kind) => ({ value: kind.id, label: kind.name }));
const mediumOptions = mediaCatalogue.map((medium) => ({ value: medium.id, label: medium.name }));

const conditionOptions = mediumConditions.map((value) => ({ value, label: mediumNowWords[value] }));

interface Current {
  readonly mediumId?: string;
  readonly yearsInMedium?: number;
  readonly condition?: string;
  readonly vesselKind?: string;
  readonly rimDiameterCm?: number;
}

export function NowPicker() {
  const current = (useCase((state) => state.answers.current) ?? {}) as Current;
  const faultAt = useFaultAt();
  const patch = (change: Partial<Record<keyof Current, unknown>>) => {
    const next = Object.fromEntries(
      Object.entries({ ...current, ...change }).filter(([, value]) => value !== undefined),
    );
    answer({ current: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <div className={styles.beside}>
      <div className={styles.column}>
        <Field id="medium" label="In now" fault={faultAt('current.mediumId')}>
          <Select
            id="medium"
            allowClear
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="unknown"
            value={current.mediumId}
            options={mediumOptions}
            onChange={(mediumId) => patch({ mediumId })}
          />
        </Field>
        <Field id="years" label="Since" fault={faultAt('current.yearsInMedium')}>
          <UnitNumber
            id="years"
            value={current.yearsInMedium}
            placeholder="?"
            suffix="years"
            step={0.5}
            hasFault={faultAt('current.yearsInMedium') !== null}
            onChange={(yearsInMedium) => patch({ yearsInMedium })}
          />
        </Field>
        <Field id="condition" label="It is" fault={faultAt('current.condition')}>
          <Select
            id="condition"
            allowClear
            placeholder="not looked at"
            value={current.condition}
            options={conditionOptions}
            onChange={(condition) => patch({ condition })}
          />
        </Field>
        <Field id="pot" label="Its pot now" fault={faultAt('current.vesselKind')}>
          <Select
            id="pot"
            allowClear
            placeholder="unknown"
            value={current.vesselKind}
            options={vesselOptions}
            onChange={(vesselKind) => patch({ vesselKind })}
          />
        </Field>
        <Field id="rim" label="Rim" fault={faultAt('current.rimDiameterCm')}>
          <LengthNumber
            id="rim"
            valueCm={current.rimDiameterCm}
            placeholder="?"
            hasFault={faultAt('current.rimDiameterCm') !== null}
            onChange={(rimDiameterCm) => patch({ rimDiameterCm })}
          />
        </Field>
      </div>
      <PotOutline
        vesselKind={current.vesselKind}
        rimDiameterCm={typeof current.rimDiameterCm === 'number' ? current.rimDiameterCm : undefined}
        mediumId={current.mediumId}
      />
    </div>
  );
}
