'use client';

/** What differs on this one plant from its genus. */
import { type Genus, genusById, genusIds, speciesThatDiffers } from '@core';
import { speciesDiffersHint } from '@core/words';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { useFaultAt } from '../state/worded';
import { TraitField, traitKeys } from '../../../controls/trait-field';
import styles from './questions.module.css';

export function GenusOverrideFields() {
  const answers = useCase((state) => state.answers);
  const plantName = useCase((state) => state.plantName);
  const faultAt = useFaultAt();
  const overrides = (answers.genusOverrides ?? {}) as Readonly<Record<string, unknown>>;
  const given = answers.genus;
  const genus: Genus | null =
    typeof given === 'string'
      ? genusIds.includes(given)
        ? genusById(given)
        : null
      : ((given as Genus | undefined) ?? null);
  if (!genus) return null;
  const named = speciesThatDiffers(plantName);
  const species = named?.genusId === given ? named : null;
  const set = (key: string, value: unknown) => {
    const next = Object.fromEntries(
      Object.entries({ ...overrides, [key]: value }).filter(([, entry]) => entry !== undefined),
    );
    answer({ genusOverrides: Object.keys(next).length > 0 ? next : undefined });
  };
  return (
    <div className={styles.questions}>
      <p className={styles.hint}>Only where this plant differs from {genus.name}; grey is what we take.</p>
      {species ? <p className={styles.hint}>{speciesDiffersHint(species.name)}</p> : null}
      <div className={styles.traits}>
        {traitKeys.map((key) => (
          <TraitField
            key={key}
            trait={key}
            idPrefix="differs"
            value={overrides[key]}
            otherwise={genus[key]}
            fault={faultAt(`genusOverrides.${key}`)}
            onChange={(value) => set(key, value)}
          />
        ))}
      </div>
    </div>
  );
}
