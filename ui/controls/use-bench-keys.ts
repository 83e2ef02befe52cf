'use client';

/** Binds the keys of the bench (keys.ts) to what they do. */
import { useHotkeys } from 'react-hotkeys-hook';
import { type BenchKey, type JournalKey, keyIndex, type KeyName, keyTable } from './keys';

/** Given which of the entry's keys it was, from 0. */
export type KeyHandlers = Readonly<Record<BenchKey, (index: number) => void>>;

/** Where keys belong to what is typed or chosen there. */
const TYPING =
  'input:not([type="range"], [type="radio"], [type="checkbox"]), textarea, select, [role="combobox"], [role="dialog"], dialog, .ant-select, .ant-modal';
/** Where arrow keys move something already. */
const MOVING = `${TYPING}, [type="range"], [role="slider"], [role="radiogroup"]`;

const isIn = (event: KeyboardEvent, places: string): boolean =>
  event.target instanceof Element && event.target.closest(places) !== null;

const usesArrows = (name: KeyName): boolean => name === 'hours';

function useKey(name: BenchKey | JournalKey, onKey: (index: number) => void): void {
  const entry: { readonly keys: readonly string[]; readonly withCommand?: boolean } = keyTable[name];
  const isCommand = entry.withCommand === true;
  useHotkeys(
    entry.keys.map((key) => (isCommand ? `mod+${key}` : key)),
    (event) => onKey(keyIndex(name, event.key)),
    {
      // Keys are told apart by what they write, so that every layout has its "/" and "?".
      useKey: !isCommand,
      preventDefault: true,
      // Which fields keep their keys is said above.
      enableOnFormTags: true,
      ignoreEventWhen: (event) =>
        isIn(event, usesArrows(name) ? MOVING : TYPING) ||
        (!isCommand && (event.ctrlKey || event.metaKey || event.altKey)),
    },
    [onKey],
  );
}

/** One call for each entry of the table: the compiler asks for all of them. */
export function useBenchKeys(handlers: KeyHandlers): void {
  useKey('choose', handlers.choose);
  useKey('hours', handlers.hours);
  useKey('undo', handlers.undo);
  useKey('whatIf', handlers.whatIf);
  useKey('above', handlers.above);
  useKey('beside', handlers.beside);
  useKey('potted', handlers.potted);
  useKey('planned', handlers.planned);
  useKey('genus', handlers.genus);
  useKey('roots', handlers.roots);
  useKey('shows', handlers.shows);
  useKey('place', handlers.place);
  useKey('watering', handlers.watering);
  useKey('now', handlers.now);
  useKey('and', handlers.and);
  useKey('inspect', handlers.inspect);
  useKey('help', handlers.help);
}

/** Where one writes down what was done. */
export function useJournalKeys(onKey: (name: JournalKey) => void): void {
  useKey('watered', () => onKey('watered'));
  useKey('fed', () => onKey('fed'));
  useKey('flushed', () => onKey('flushed'));
  useKey('felt', () => onKey('felt'));
  useKey('bloomed', () => onKey('bloomed'));
  useKey('noted', () => onKey('noted'));
}
