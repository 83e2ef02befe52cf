'use client';

/** The case, said as one sentence; each phrase opens what it can be told with. */
import { inOrOn, lifeOf, mixName } from '@core/words';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import {
  demoPlaces,
  genusById,
  genusIds,
  type Genus,
  mediaCatalogue,
  type MixPartSpec,
  type Place,
  vesselCatalogue,
} from '@core';
import { Picker } from '../../../controls/picker';
import { useUnits } from '../../../data/units-context';
import { keyTable } from '../../../controls/keys';
import { startAnew } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { useFaults } from '../state/worded';
import { startInspection } from '../state/inspect-store';
import { askNext } from './ask-next';
import { openPhrase, useOpenPhrase } from './phrases/open-phrase';
import { isAlways, type Phrase, type PhraseId, phraseOf, phrasesFor, type SentenceNames } from './phrases/phrases';
import type { PickerBody as PickerBodyNow } from './picker-body';
import { pickerFrames } from './picker-frames';
import styles from './sentence.module.css';

interface CurrentSaid {
  readonly mediumId?: string;
  readonly mix?: readonly MixPartSpec[];
}

/** What it stands in, by name; a mix of media that are not known here by that of most. */
function mediumNameOf({ mediumId, mix }: CurrentSaid): string | undefined {
  const isKnown = (id: string | undefined) => mediaCatalogue.some((medium) => medium.id === id);
  if (mix && mix.length > 0 && mix.every((part) => isKnown(part.mediumId))) return mixName(mix);
  return mediaCatalogue.find(({ id }) => id === mediumId)?.name;
}

/** Names of what the answers hold by key, or whole. */
function useNames(): SentenceNames {
  const answers = useCase((state) => state.answers);
  const genus = answers.genus as string | Genus | undefined;
  const place = answers.place as string | Place | undefined;
  const current = (answers.current ?? {}) as CurrentSaid & { vesselKind?: string };
  return {
    genus:
      typeof genus === 'object' ? genus.name : genus && genusIds.includes(genus) ? genusById(genus).name : 'orchid',
    place: typeof place === 'object' ? place.name : (demoPlaces.find(({ id }) => id === place)?.name ?? 'some place'),
    inOrOn: inOrOn(typeof place === 'object' ? place.describedAs?.kind : undefined),
    mediumName: mediumNameOf(current),
    vesselName: vesselCatalogue.find(({ id }) => id === current.vesselKind)?.name,
  };
}

/** Keys that open a phrase, from the one table of keys. */
const keyOf: Partial<Record<PhraseId | 'and', string>> = {
  genus: keyTable.genus.shown,
  roots: keyTable.roots.shown,
  shows: keyTable.shows.shown,
  place: keyTable.place.shown,
  watering: keyTable.watering.shown,
  now: keyTable.now.shown,
  and: keyTable.and.shown,
};

const shut = () => openPhrase(null);

/**
 * The pickers' fields come after the first answer stands: nobody needs them before. Once they are there a picker opens
 * with them at once, so that what is typed after its key is not lost.
 */
let readyBody: typeof PickerBodyNow | null = null;
export const loadBodies = () =>
  import('./picker-body').then(({ PickerBody: body }) => {
    readyBody = body;
    return body;
  });
const PickerBodyLater = dynamic(loadBodies, { ssr: false });

export function Sentence({ onKeys }: { readonly onKeys: () => void }) {
  const { units } = useUnits();
  const answers = useCase((state) => state.answers);
  const plan = usePlanned((state) => state.plan);
  const openId = useOpenPhrase((state) => state.openId);
  const names = useNames();
  const faults = useFaults();
  const faulty = new Set(faults.map(({ path }) => phraseOf(path)));
  // A phrase that is used, open, or wrong stands in the sentence.
  const phrases = phrasesFor({ answers, plan, names, units }).filter(
    ({ id, isStated }) => isAlways(id) || isStated || id === openId || faulty.has(id),
  );
  const last = phrases.length - 1;
  const swings = usePlanned((state) => state.doubts?.sensitivity.swings);
  const next = swings ? askNext(swings, answers) : null;
  return (
    <section className={styles.sentence} aria-label="Your plant, place and time">
      <p className={styles.line}>
        {phrases.map((phrase, i) => (
          <PhraseButton
            key={phrase.id}
            phrase={phrase}
            fault={faults.find(({ path }) => phraseOf(path) === phrase.id)?.message ?? null}
            isNext={phrase.id === next?.phrase}
            after={i === last ? '' : ','}
          />
        ))}
        <Said id="and" className={styles.and} label="and…" />
        {next ? (
          <button
            type="button"
            className={`on-screen-only ${styles.next}`}
            onClick={() => openPhrase(next.phrase, next.fieldId)}
          >
            {next.text}
          </button>
        ) : null}
        <span className={`on-screen-only ${styles.tools}`}>
          <Whose />
          <button
            type="button"
            className={styles.over}
            onClick={startInspection}
            title="Look it over, step by step (i)"
          >
            Look it over
          </button>
          <button type="button" className={styles.keys} onClick={onKeys}>
            Keys
          </button>
          <button type="button" className={styles.anew} onClick={startAnew} title="Start with another plant">
            New plant
          </button>
        </span>
      </p>
      {faults.length > 0 ? (
        <p className={styles.fault} role="alert">
          {faults[0]!.message}
        </p>
      ) : null}
    </section>
  );
}

/** Whose case this is, and the way to its life: only for a plant on file. */
function Whose() {
  const plantId = useCase((state) => state.plantId);
  const plantName = useCase((state) => state.plantName);
  if (plantId === null) return null;
  return (
    <a className={styles.whose} href={`/plants/${plantId}`} title={lifeOf(plantName)}>
      {plantName}
    </a>
  );
}

interface PhraseButtonProps {
  readonly phrase: Phrase;
  readonly fault: string | null;
  /** The answer hangs on it most. */
  readonly isNext: boolean;
  readonly after: string;
}

function PhraseButton({ phrase, fault, isNext, after }: PhraseButtonProps) {
  const { id, before, text, isStated } = phrase;
  return (
    <span className={styles.part}>
      {before === '' ? null : `${before}\u00a0`}
      <Said
        id={id}
        className={styles.phrase}
        label={text}
        state={fault === null ? (isStated ? 'stated' : 'assumed') : 'wrong'}
        isNext={isNext}
      />
      {after === '' ? null : <span className={styles.comma}>{after}</span>}
    </span>
  );
}

interface SaidProps {
  readonly id: PhraseId | 'and';
  readonly className: string | undefined;
  readonly label: string;
  readonly state?: 'stated' | 'assumed' | 'wrong';
  readonly isNext?: boolean;
}

/** A phrase to touch, and what opens under it. */
function Said({ id, className, label, state, isNext = false }: SaidProps) {
  const isOpen = useOpenPhrase((open) => open.openId === id);
  const fieldId = useOpenPhrase((open) => open.fieldId);
  const anchor = useRef<HTMLButtonElement>(null);
  const { title, widthPx } = pickerFrames[id];
  const key = keyOf[id];
  const told = state === 'assumed' ? ', assumed' : state === 'wrong' ? ', cannot be used' : '';
  return (
    <>
      <button
        ref={anchor}
        type="button"
        className={className}
        data-phrase={id}
        data-state={state}
        data-next={isNext ? '' : undefined}
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        aria-label={`${title}: ${label}${told}`}
        aria-keyshortcuts={key}
        title={key ? `${title} (${key})` : title}
        onClick={() => openPhrase(isOpen ? null : id)}
      >
        {label}
      </button>
      {isOpen ? (
        <Picker title={title} anchor={anchor} fieldId={fieldId} widthPx={widthPx} onClose={shut}>
          <OpenBody id={id} />
        </Picker>
      ) : null}
    </>
  );
}

/** The same fields from its opening to its closing: fields that came meanwhile would take the focus away. */
function OpenBody({ id }: { readonly id: PhraseId | 'and' }) {
  const [{ Body }] = useState(() => ({ Body: readyBody ?? PickerBodyLater }));
  return <Body id={id} onDone={shut} />;
}
