'use client';

/** Everything that can be changed on a setup, its place and its watering. */
import { InputNumber, Select } from 'antd';
import { type ReactNode } from 'react';
import {
  baseOf,
  cmToInch,
  inchToCm,
  mediaCatalogue,
  mossShareOf,
  potKindById,
  round1,
  roundHalf,
  type SetupSpec,
  type Top,
  topDressings,
  tops,
  vesselCatalogue,
  type WhatIf,
} from '@core';
import { cm, percent, type WordUnits } from '@core/words';
import { KeyedSlider } from '../../../controls/keyed-slider';
import { usePlaceChoices } from '../../../data/place-choices';
import { placeInCase } from '../../../data/place-in-case';
import { useUnits } from '../../../data/units-context';
import { usePlanned } from '../state/plan-store';
import { HeatWaveField, HolidayField } from '../questions/away-fields';
import { Field } from '../../../controls/field';
import { RoutineField } from '../questions/routine-field';
import styles from './what-if.module.css';

const mediumOptions = mediaCatalogue.map((medium) => ({ value: medium.id, label: medium.name }));
const potOptions = vesselCatalogue
  .filter((kind) => kind.vessel === 'pot')
  .map((kind) => ({ value: kind.id, label: kind.name }));
const topNames: Readonly<Record<Top, string>> = {
  bare: 'nothing',
  pebbles: 'pebbles',
  lava: 'lava pieces',
  moss: 'moss',
  coarse: 'coarse bark',
};

function topOf(spec: SetupSpec): Top {
  const layer = spec.layers.find((entry) => entry.role === 'top dressing');
  return topDressings.find((top) => top.mediumId === layer?.mix[0]?.mediumId)?.side ?? 'bare';
}

interface SlideProps {
  readonly id: string;
  readonly label: string;
  readonly text: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

function Slide({ id, label, text, min, max, step, value, onChange }: SlideProps) {
  return (
    <div className={styles.slide}>
      <span id={id}>
        {label} <strong>{text}</strong>
      </span>
      <KeyedSlider
        label={label}
        min={min}
        max={max}
        step={step}
        bigStep={step * 4}
        value={value}
        valueText={() => text}
        onChange={onChange}
      />
    </div>
  );
}

interface ChangeFieldsProps {
  /** The setup as changed so far. */
  readonly now: SetupSpec;
  readonly change: WhatIf;
  readonly set: (patch: WhatIf) => void;
}

export function ChangeFields({ now, change, set }: ChangeFieldsProps) {
  const { units } = useUnits();
  const { offered: places } = usePlaceChoices();
  const placeId = typeof change.place === 'string' ? change.place : change.place?.id;
  const caseRoutine = usePlanned((state) => state.planCase?.routine);
  const resolvedPlace = usePlanned((state) => state.plan?.resolved.place);
  return (
    <div className={styles.fields}>
      {now.vessel.kind === 'pot' ? (
        <PotFields now={now} units={units} set={set} />
      ) : (
        <Slide
          id="try-pad"
          label="Moss pad"
          text={now.vessel.padThicknessCm > 0 ? cm(now.vessel.padThicknessCm, units) : 'bare'}
          min={0}
          max={4}
          step={0.25}
          value={now.vessel.padThicknessCm}
          onChange={(padThicknessCm) => set({ padThicknessCm })}
        />
      )}
      <Slide
        id="try-age"
        label="Age of the medium"
        text={(now.monthsOld ?? 0) === 0 ? 'new' : `${now.monthsOld ?? 0} months`}
        min={0}
        max={60}
        step={3}
        value={now.monthsOld ?? 0}
        onChange={(monthsOld) => set({ monthsOld })}
      />
      <Field id="try-place" label="Stood elsewhere">
        <Select
          id="try-place"
          value={placeId ?? resolvedPlace?.id}
          options={places.map((place) => ({ value: place.id, label: place.name }))}
          onChange={(id) => set({ place: placeInCase(places.find((place) => place.id === id)!) })}
        />
      </Field>
      <Field id="try-routine" label="Watered otherwise">
        <RoutineField
          value={change.routine ?? caseRoutine}
          fault={null}
          onChange={(routine) => set({ routine: routine as WhatIf['routine'] })}
        />
      </Field>
      <HeatWaveField id="try-heat" value={change.heatWave} units={units} onChange={(heatWave) => set({ heatWave })} />
      <HolidayField id="try-away" value={change.holiday} onChange={(holiday) => set({ holiday })} />
    </div>
  );
}

interface PotFieldsProps {
  readonly now: SetupSpec;
  readonly units: WordUnits;
  readonly set: (patch: WhatIf) => void;
}

function PotFields({ now, units, set }: PotFieldsProps) {
  if (now.vessel.kind !== 'pot') return null;
  const { vessel, layers } = now;
  const main = layers.find((layer) => layer.role === 'main')!;
  const crocking = layers.find((layer) => layer.role === 'crocking')?.heightCm ?? 0;
  const kind = potKindById(vessel.potKindId);
  const moss = mossShareOf(main.mix);
  const isAllMoss = moss >= 1;
  const isInch = units.length === 'inch';
  const wicks: ReactNode =
    kind.reservoir === 'wicks' ? (
      <Slide
        id="try-wicks"
        label="Wicks"
        text={String(vessel.wickCount ?? (vessel.rimDiameterCm >= 18 ? 2 : 1))}
        min={1}
        max={4}
        step={1}
        value={vessel.wickCount ?? (vessel.rimDiameterCm >= 18 ? 2 : 1)}
        onChange={(wickCount) => set({ wickCount })}
      />
    ) : null;
  return (
    <>
      <Field id="try-grade" label="Grade or medium">
        <Select
          id="try-grade"
          showSearch={{ optionFilterProp: 'label' }}
          value={baseOf(main.mix).mediumId}
          options={mediumOptions}
          popupMatchSelectWidth={false}
          onChange={(baseMediumId) => set({ baseMediumId })}
        />
      </Field>
      {isAllMoss ? null : (
        <Slide
          id="try-moss"
          label="Moss in the mix"
          text={percent(moss)}
          min={0}
          max={0.6}
          step={0.05}
          value={Math.round(moss * 20) / 20}
          onChange={(mossShare) => set({ mossShare })}
        />
      )}
      <Slide
        id="try-main"
        label="Height of the mix"
        text={cm(main.heightCm, units)}
        min={1}
        max={roundHalf(main.heightCm + crocking + 3)}
        step={0.5}
        value={main.heightCm}
        onChange={(mainHeightCm) => set({ mainHeightCm })}
      />
      <Slide
        id="try-crocking"
        label="Crocking"
        text={crocking > 0 ? cm(crocking, units) : 'none'}
        min={0}
        max={8}
        step={0.5}
        value={crocking}
        onChange={(crockingHeightCm) => set({ crockingHeightCm, mainHeightCm: undefined })}
      />
      <Field id="try-pot" label="Pot">
        <div className={styles.row}>
          <Select
            id="try-pot"
            value={vessel.potKindId}
            options={potOptions}
            popupMatchSelectWidth={false}
            onChange={(potKindId) => set({ potKindId, mainHeightCm: undefined })}
          />
          <InputNumber
            aria-label="Rim"
            min={isInch ? 1.2 : 3}
            max={isInch ? 24 : 60}
            step={isInch ? 0.5 : 1}
            value={isInch ? round1(cmToInch(vessel.rimDiameterCm)) : vessel.rimDiameterCm}
            suffix={isInch ? 'in' : 'cm'}
            onChange={(rim) => {
              if (rim !== null) set({ rimDiameterCm: isInch ? inchToCm(rim) : rim, mainHeightCm: undefined });
            }}
          />
        </div>
      </Field>
      {wicks}
      <Field id="try-top" label="On top">
        <Select
          id="try-top"
          value={topOf(now)}
          options={tops.map((top) => ({ value: top, label: topNames[top] }))}
          onChange={(top) => set({ top, mainHeightCm: undefined })}
        />
      </Field>
    </>
  );
}
