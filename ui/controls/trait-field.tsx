'use client';

/** One trait of a genus as a field: a number, a choice or a yes and no, whatever the schema says it is. */
import { InputNumber, Select } from 'antd';
import * as z from 'zod';
import { genusTraits } from '@core';
import { genusFields } from './fields';
import { Field } from './field';

export type TraitKey = keyof typeof genusTraits.shape;

export const traitKeys = Object.keys(genusTraits.shape) as TraitKey[];

const labels = new Map(genusFields.map((field) => [field.key, field.label]));
const units: Readonly<Partial<Record<TraitKey, string>>> = {
  rootThinnestMm: 'mm',
  rootThickestMm: 'mm',
  rhizomeStepCm: 'cm',
  heightCm: 'cm',
  leafAreaPerShootCm2: 'cm²',
};
/** Shown in hundredths of the whole. */
const percents: ReadonlySet<TraitKey> = new Set(['airNeed', 'forkingChance']);

interface TraitFieldProps {
  readonly trait: TraitKey;
  readonly idPrefix: string;
  readonly value: unknown;
  /** What holds while the field is empty. */
  readonly otherwise?: unknown;
  readonly fault: string | null;
  readonly onChange: (value: unknown) => void;
}

export function TraitField({ trait, idPrefix, value, otherwise, fault, onChange }: TraitFieldProps) {
  const id = `${idPrefix}-${trait}`;
  const given = genusTraits.shape[trait];
  const schema = given instanceof z.ZodOptional ? given.unwrap() : given;
  const label = labels.get(trait) ?? trait;
  if (schema instanceof z.ZodEnum) {
    return (
      <Field id={id} label={label} fault={fault}>
        <Select
          id={id}
          allowClear={otherwise !== undefined}
          placeholder={otherwise === undefined ? 'choose' : String(otherwise)}
          value={value as string | undefined}
          options={schema.options.map((option) => ({ value: option as string, label: String(option) }))}
          onChange={(next) => onChange(next)}
        />
      </Field>
    );
  }
  if (schema instanceof z.ZodBoolean) {
    return (
      <Field id={id} label={label} fault={fault}>
        <Select
          id={id}
          allowClear={otherwise !== undefined}
          placeholder={otherwise === undefined ? 'choose' : otherwise ? 'yes' : 'no'}
          value={value as boolean | undefined}
          options={[
            { value: true, label: 'yes' },
            { value: false, label: 'no' },
          ]}
          onChange={(next) => onChange(next)}
        />
      </Field>
    );
  }
  const factor = percents.has(trait) ? 100 : 1;
  const shown = (number: unknown) => (typeof number === 'number' ? Math.round(number * factor * 100) / 100 : undefined);
  return (
    <Field id={id} label={label} fault={fault}>
      <InputNumber
        id={id}
        style={{ width: '100%' }}
        value={shown(value) ?? null}
        placeholder={shown(otherwise)?.toString()}
        suffix={percents.has(trait) ? '%' : (units[trait] ?? '')}
        status={fault ? 'error' : ''}
        onChange={(next) => onChange(typeof next === 'number' ? next / factor : undefined)}
      />
    </Field>
  );
}
