'use client';

/** Which orchid: search by any of its names, each with the habit it grows by. */
import { Input } from 'antd';
import { type KeyboardEvent, useEffect, useId, useRef, useState } from 'react';
import { findNames, type Genus, genusById, genusIds, speciesThatDiffers } from '@core';
import { unknownOrchid } from '@core/words';
import { HabitGlyph } from '../../../../drawing/habit-glyph';
import { useLibrary } from '../../../../data/library';
import { useCase } from '../../state/case-store';
import { answer, nameFrom, setGenus } from '../../state/actions';
import { useFaultAt } from '../../state/worded';
import { Field } from '../../../../controls/field';
import styles from '../../questions/pickers.module.css';
import { ByAppearance } from './by-appearance';

type Named = Pick<Genus, 'name' | 'alsoCalled' | 'habit'>;

interface GenusOption extends Named {
  /** What the case holds for it: its id, or an own genus whole. */
  readonly value: string | Genus;
  readonly key: string;
  /** The name of it that fits what was typed, where that is not its own. */
  readonly found: string | null;
}

const optionOf = (key: string, value: string | Genus, { name, alsoCalled, habit }: Named): GenusOption => ({
  key,
  value,
  name,
  alsoCalled,
  habit,
  found: null,
});

const catalogue = genusIds.map((id) => optionOf(id, id, genusById(id)));

const textOf = ({ name, alsoCalled }: Named): string => `${name} ${alsoCalled.join(' ')}`.toLowerCase();

/** Those whose names hold every word; those that begin with it first. */
export function generaFor<T extends Named>(options: readonly T[], looked: string): readonly T[] {
  const words = looked.toLowerCase().split(/\s+/).filter(Boolean);
  const found = options.filter((option) => words.every((word) => textOf(option).includes(word)));
  const begins = ({ name }: Named) => words[0] !== undefined && name.toLowerCase().startsWith(words[0]);
  return [...found].sort((a, b) => Number(begins(b)) - Number(begins(a)));
}

const wordsIn = (text: string): number => text.trim().split(/\s+/).length;

/** A species with a slip is written as it is spelled; with more said of it, as it was typed. */
function spelled(typed: string, found: string | null): string {
  return found !== null && wordsIn(found) > 1 && wordsIn(found) === wordsIn(typed) ? found : typed;
}

/** By any name: species, hybrids, short forms, what people say, with slips; then whatever else holds the words. */
function catalogueFor(looked: string): readonly GenusOption[] {
  if (looked.trim() === '') return catalogue;
  const named = findNames(looked).map(({ genusId, name, rank }): GenusOption => {
    const option = optionOf(genusId, genusId, genusById(genusId));
    return { ...option, found: rank === 'group' ? null : name };
  });
  const known = new Set(named.map(({ key }) => key));
  return [...named, ...generaFor(catalogue, looked).filter(({ key }) => !known.has(key))];
}

export function GenusPicker({ onDone }: { readonly onDone: () => void }) {
  const given = useCase((state) => state.answers.genus) as string | Genus | undefined;
  const fault = useFaultAt()('genus');
  const own = useLibrary('genus');
  const listId = useId();
  const list = useRef<HTMLUListElement>(null);
  const [looked, setLooked] = useState('');
  const [isByAppearance, setByAppearance] = useState(false);
  const [moved, setMoved] = useState<number | null>(null);
  const mine = generaFor(
    own.map(({ id, data }) => optionOf(id, data, data)),
    looked,
  );
  const found = [...mine, ...catalogueFor(looked)];
  const isUnknown = found.length === 0;
  // A name that is not known is the grower's own: it is put into a group, and kept as the plant's name.
  const options = isUnknown ? catalogue : found;
  const isGiven = ({ value, name }: GenusOption) => (typeof given === 'object' ? name === given.name : value === given);
  // Before anything is typed the list begins at what is chosen.
  const start = looked === '' ? Math.max(0, options.findIndex(isGiven)) : 0;
  const active = Math.min(moved ?? start, options.length - 1);

  useEffect(() => {
    list.current?.children[active]?.scrollIntoView({ block: 'nearest' });
  }, [active, looked]);

  const choose = (option: GenusOption | undefined) => {
    if (!option) return;
    const species = speciesThatDiffers(option.found ?? looked);
    const differs = species?.genusId === option.key ? species.differs : undefined;
    if (!isGiven(option)) setGenus(option.value, differs);
    else if (differs !== undefined) answer({ genusOverrides: differs });
    nameFrom(spelled(looked, option.found), isUnknown);
    onDone();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step !== 0) {
      event.preventDefault();
      setMoved(Math.max(0, Math.min(options.length - 1, active + step)));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      choose(options[active]);
    }
  };

  if (isByAppearance) {
    return (
      <>
        <ByAppearance onGroup={(id) => choose(catalogue.find(({ key }) => key === id))} />
        <button type="button" className={styles.elsewhere} onClick={() => setByAppearance(false)}>
          Back to the names
        </button>
      </>
    );
  }
  return (
    <div className={styles.column}>
      <Field id="genus" label="Which orchid" fault={fault}>
        <Input
          id="genus"
          role="combobox"
          aria-expanded
          aria-controls={listId}
          aria-activedescendant={options.length > 0 ? `${listId}-${active}` : undefined}
          autoComplete="off"
          placeholder="Any name: moth orchid, slipper, Cattleya…"
          value={looked}
          onChange={(event) => {
            setLooked(event.target.value);
            setMoved(null);
          }}
          onKeyDown={onKeyDown}
        />
      </Field>
      <button type="button" className={styles.elsewhere} onClick={() => setByAppearance(true)}>
        I do not know: find it by its looks
      </button>
      {isUnknown ? <p className={styles.hint}>{unknownOrchid(looked.trim())}</p> : null}
      <ul ref={list} id={listId} role="listbox" aria-label="Orchids" className={styles.genera}>
        {options.map((option, i) => (
          <li
            key={option.key}
            id={`${listId}-${i}`}
            role="option"
            aria-selected={isGiven(option)}
            data-active={i === active ? '' : undefined}
            className={styles.genusRow}
            onClick={() => choose(option)}
          >
            <HabitGlyph habit={option.habit} />
            <span>
              {option.name}
              {option.found !== null ? (
                <small>{option.found}</small>
              ) : option.alsoCalled.length > 0 ? (
                <small>{option.alsoCalled.join(', ')}</small>
              ) : null}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
