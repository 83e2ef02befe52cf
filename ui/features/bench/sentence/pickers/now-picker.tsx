'use client';

/** What it is in now: medium, since when, pot. */
import { Select } from 'antd';
import { mediumConditions, type MixPartSpec, vesselCatalogue } from '@core';
import { mediumNowWords } from '@core/words';
import { PotOutline } from '../../../../drawing/pot-outline';
import { Button } from '../../../../controls/button';
import { Field } from '../../../../controls/field';
import { LengthNumber } from '../../../../controls/length-number';
import { UnitNumber } from '../../../../controls/unit-number';
import { useLibrary } from '../../../../data/library';
import { isMediumSaid, mediumGroups } from '../../../../potting/medium-groups';
import { MixParts } from '../../../../potting/mix-parts';
import { answer } from '../../state/actions';
import { useCase } from '../../state/case-store';
import { useFaultAt } from '../../state/worded';
import styles from '../../questions/pickers.module.css';

const vesselOptions = vesselCatalogue.map((kind) => ({ value: kind.id, label: kind.name }));

/** What a mix begins with, where nothing was said of it. */
const usualMix = (mediumId: string | undefined): readonly MixPartSpec[] => [
  { mediumId: mediumId ?? 'bark-6-12', parts: 3 },
  { mediumId: mediumId === 'sphagnum-chopped' ? 'bark-6-12' : 'sphagnum-chopped', parts: 1 },
];
const mostIn = (mix: readonly MixPartSpec[]): string => [...mix].sort((a, b) => b.parts - a.parts)[0]!.mediumId;

const conditionOptions = mediumConditions.map((value) => ({ value, label: mediumNowWords[value] }));

interface Current {
  readonly mediumId?: string;
  readonly mix?: readonly MixPartSpec[];
  readonly yearsInMedium?: number;
  readonly condition?: string;
  readonly vesselKind?: string;
  readonly rimDiameterCm?: number;
}

export function NowPicker() {
  const current = (useCase((state) => state.answers.current) ?? {}) as Current;
  const faultAt = useFaultAt();
  const own = useLibrary('medium');
  const patch = (change: Partial<Record<keyof Current, unknown>>) => {
    const next = Object.fromEntries(
      Object.entries({ ...current, ...change }).filter(([, value]) => value !== undefined),
    );
    answer({ current: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <div className={styles.beside}>
      <div className={styles.column}>
        <Field id="medium" label="In now" fault={faultAt('current.mediumId') ?? faultAt('current.mix')}>
          {current.mix ? (
            <>
              <MixParts
                parts={current.mix}
                own={own.map(({ data }) => data)}
                onChange={(mix) => patch({ mix, mediumId: mostIn(mix) })}
              />
              <Button kind="link" onClick={() => patch({ mix: undefined })}>
                One medium
              </Button>
            </>
          ) : (
            <>
              <Select
                id="medium"
                allowClear
                showSearch={{ filterOption: isMediumSaid }}
                placeholder="unknown"
                value={current.mediumId}
                options={[...mediumGroups]}
                onChange={(mediumId) => patch({ mediumId })}
              />
              <Button
                kind="link"
                onClick={() => {
                  const mix = usualMix(current.mediumId);
                  patch({ mix, mediumId: mostIn(mix) });
                }}
              >
                It is a mix
              </Button>
            </>
          )}
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
