'use client';

/** What differs on this one plant from its genus. */
import { type Genus, genusById, genusIds } from '@core';
import type { WordUnits } from '@core/words';
import type { BenchState } from '../bench/use-bench';
import { faultAt } from './plant-fields';
import { TraitField, traitKeys } from './trait-field';
import styles from './questions.module.css';

interface GenusOverrideFieldsProps {
  readonly bench: BenchState;
  readonly units: WordUnits;
}

export function GenusOverrideFields({ bench }: GenusOverrideFieldsProps) {
  const { answers } = bench.draft;
  const overrides = (answers.genusOverrides ?? {}) as Readonly<Record<string, unknown>>;
  const given = answers.genus;
  const genus: Genus | null =
    typeof given === 'string'
      ? genusIds.includes(given)
        ? genusById(given)
        : null
      : ((given as Genus | undefined) ?? null);
  if (!genus) return null;
  const set = (key: string, value: unknown) => {
    const next = Object.fromEntries(
      Object.entries({ ...overrides, [key]: value }).filter(([, entry]) => entry !== undefined),
    );
    bench.answer({ genusOverrides: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Only where this plant differs from {genus.name}; grey is what we take.</p>
      <div className={styles.traits}>
        {traitKeys.map((key) => (
          <TraitField
            key={key}
            trait={key}
            idPrefix="differs"
            value={overrides[key]}
            otherwise={genus[key]}
            fault={faultAt(bench, `genusOverrides.${key}`)}
            onChange={(value) => set(key, value)}
          />
        ))}
      </div>
    </div>
  );
}
