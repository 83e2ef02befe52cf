/**
 * A grower's own list of plants, out of any table of comma-, semicolon- or tab-separated values: what its columns hold, the
 * plants in it, and what only the grower can settle. Nothing of a row is lost: what has no place of its own goes into its note.
 */
import Papa from 'papaparse';
import { grouped } from '../base';
import type { DateOrder } from '../place-files';
import { unguardedCell } from './cells';
import { fieldsOf, type ListField, plain } from './columns';
import { k } from './constants';
import { orderOf, readDay } from './days';
import { kindOf, type KindMatch } from './kinds';
import { type MediumMatch, mediumOf } from './media';
import { potWidthOf } from './pot-sizes';

/** What the grower settled; the rest is told by the table itself. */
export interface ListChoices {
  /** By the number of the column, from 0. */
  readonly fields?: Readonly<Record<number, ListField | null>>;
  readonly dates?: DateOrder;
}

export interface ListColumn {
  readonly heading: string;
  readonly field: ListField | null;
  /** The first thing that stands in it. */
  readonly sample: string;
}

export interface ListPlant {
  /** From 1, with the headings. */
  readonly line: number;
  readonly name: string;
  readonly tagNumber: string | null;
  readonly parentage: string | null;
  readonly source: string | null;
  readonly acquiredOn: string | null;
  readonly spot: string | null;
  readonly flag: 'watch' | 'for exchange' | 'keep apart' | null;
  /** What stands for its kind, and for its place; empty where nothing does. */
  readonly kindText: string;
  readonly placeText: string;
  /** What stands for its medium; empty where nothing does. */
  readonly mediumText: string;
  readonly rimDiameterCm: number | null;
  readonly inMediumSince: string | null;
  readonly wateredOn: string | null;
  readonly left: { readonly on: string; readonly how: 'died' | 'sold' | 'given away' } | null;
  readonly note: string;
}

/** A text that stands for a kind or a place, and how many plants have it. */
export interface ReadName {
  readonly text: string;
  readonly plants: number;
}

export interface PlantTable {
  readonly columns: readonly ListColumn[];
  readonly plants: readonly ListPlant[];
  /** The most frequent first. */
  readonly kinds: readonly (ReadName & { readonly match: KindMatch })[];
  readonly places: readonly ReadName[];
  readonly media: readonly (ReadName & { readonly match: MediumMatch })[];
  /** How days are read, and one that could be read otherwise; order null: it has to be asked. */
  readonly dates: { readonly order: DateOrder | null; readonly example: string | null };
  /** Lines without a name, which cannot be taken in. */
  readonly nameless: readonly number[];
  /** Days that are none, kept in the notes. */
  readonly unreadableDays: readonly { readonly line: number; readonly text: string }[];
}

export type PlantTableRead =
  | { readonly status: 'ok'; readonly table: PlantTable }
  | { readonly status: 'refused'; readonly why: 'too long' | 'too many rows' | 'no rows' | 'no name column' };

const dayFields = ['acquiredOn', 'inMediumSince', 'wateredOn', 'leftOn'] as const satisfies readonly ListField[];

const flags: Readonly<Record<string, ListPlant['flag']>> = {
  'keep an eye on it': 'watch',
  watch: 'watch',
  'for exchange': 'for exchange',
  'for sale': 'for exchange',
  'keep apart': 'keep apart',
  quarantine: 'keep apart',
};

const waysToLeave: readonly (readonly [RegExp, 'died' | 'sold' | 'given away'])[] = [
  [/sold|swap|exchang|trad/, 'sold'],
  [/giv|gave|gift/, 'given away'],
  [/./, 'died'],
];
const howLeft = (text: string) => waysToLeave.find(([pattern]) => pattern.test(plain(text)))?.[1] ?? 'died';

interface Cells {
  readonly line: number;
  readonly headingOf: (field: ListField) => string;
  readonly at: (field: ListField) => string;
  /** Cells whose column has no field, under their headings. */
  readonly others: readonly (readonly [heading: string, cell: string])[];
}

export function readPlantTable(text: string, choices: ListChoices = {}): PlantTableRead {
  if (text.length > k.MOST_CHARACTERS) return { status: 'refused', why: 'too long' };
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const rows = data.map((cells, n) => ({ line: n + 1, cells: cells.map((cell) => unguardedCell(cell).trim()) }));
  const filled = rows.filter(({ cells }) => cells.some((cell) => cell !== ''));
  const headAt = headingRow(filled.map(({ cells }) => cells));
  const [head, ...body] = filled.slice(headAt);
  if (!head || body.length === 0) return { status: 'refused', why: 'no rows' };
  if (body.length > k.MOST_ROWS) return { status: 'refused', why: 'too many rows' };
  const guessed = fieldsOf(head.cells);
  const fields = head.cells.map((_, n) => (choices.fields && n in choices.fields ? choices.fields[n]! : guessed[n]!));
  if (!fields.includes('name') && !fields.includes('species') && !fields.includes('kind')) {
    return { status: 'refused', why: 'no name column' };
  }
  const cellsOf = body.map(({ line, cells }): Cells => ({
    line,
    headingOf: (field) => head.cells[fields.indexOf(field)] ?? '',
    at: (field) => {
      const at = fields.indexOf(field);
      return at < 0 ? '' : (cells[at] ?? '');
    },
    others: head.cells.flatMap((heading, n) => {
      const cell = cells[n] ?? '';
      return fields[n] === null && cell !== '' ? [[heading, cell] as const] : [];
    }),
  }));
  const found = orderOf(cellsOf.flatMap(({ at }) => dayFields.map(at)).filter((cell) => cell !== ''));
  const order = choices.dates ?? found.order;
  const read = cellsOf.map((cells) => plantOf(cells, order ?? 'day first'));
  const plants = read.flatMap(({ plant }) => (plant ? [plant] : []));
  return {
    status: 'ok',
    table: {
      columns: head.cells.map((heading, n) => ({
        heading,
        field: fields[n]!,
        sample: (body.find(({ cells }) => (cells[n] ?? '') !== '')?.cells[n] ?? '').slice(0, k.MOST_CELL_SHOWN),
      })),
      plants,
      kinds: toldIn(plants.map(({ kindText }) => kindText)).map((told) => ({ ...told, match: kindOf(told.text) })),
      places: toldIn(plants.map(({ placeText }) => placeText)),
      media: toldIn(plants.flatMap(({ mediumText }) => (mediumText === '' ? [] : [mediumText]))).map((told) => ({
        ...told,
        match: mediumOf(told.text),
      })),
      dates: { order, example: found.example },
      nameless: read.flatMap(({ plant, line }) => (plant ? [] : [line])),
      unreadableDays: read.flatMap(({ line, unread }) => unread.map((cell) => ({ line, text: cell }))),
    },
  };
}

/** A title, or headings that were merged over several columns, may stand over the headings. */
function headingRow(rows: readonly (readonly string[])[]): number {
  const known = rows.slice(0, k.HEADING_LINES).map((cells) => fieldsOf(cells).filter((field) => field !== null).length);
  const most = Math.max(0, ...known);
  return most === 0 ? 0 : known.indexOf(most);
}

/** Genus and species in two columns are one name, where it says more than the genus alone. */
function kindTextOf(kind: string, species: string, name: string): string {
  if (kind === '') return name;
  const whole = `${kind} ${species}`.trim();
  return species !== '' && kindOf(kind).how !== 'sure' && kindOf(whole).how === 'sure' ? whole : kind;
}

function toldIn(texts: readonly string[]): readonly ReadName[] {
  return [...grouped(texts, (text) => text)]
    .map(([text, all]) => ({ text, plants: all.length }))
    .sort((a, b) => b.plants - a.plants);
}

interface RowRead {
  readonly line: number;
  readonly plant: ListPlant | null;
  readonly unread: readonly string[];
}

const orNull = (text: string): string | null => (text === '' ? null : text);

function plantOf({ line, at, headingOf, others }: Cells, order: DateOrder): RowRead {
  const [kind, species, called] = [at('kind'), at('species'), at('name')];
  const name = called === '' ? [kind, species].filter(Boolean).join(' ') : called;
  if (name === '') return { line, plant: null, unread: [] };
  const unread: string[] = [];
  // What is longer than its place, or cannot be read, goes into the note whole.
  const noted: string[] = others.map(([heading, cell]) => `${heading}: ${cell}`);
  const shortened = (text: string, most: number, what: string): string => {
    if (text.length <= most) return text;
    noted.push(`${what}: ${text}`);
    return text.slice(0, most);
  };
  const day = (field: (typeof dayFields)[number], what: string): string | null => {
    const cell = at(field);
    if (cell === '') return null;
    const read = readDay(cell)[order];
    if (read === null) {
      unread.push(cell.slice(0, k.MOST_CELL_SHOWN));
      noted.push(`${what}: ${cell}`);
    }
    return read;
  };
  const mediumText = at('medium');
  const match = mediumOf(mediumText);
  // A mix loses nothing by being said in parts; what was written stays readable.
  if (mediumText !== '' && match.how !== 'sure') noted.push(`Medium: ${mediumText}`);
  const potText = at('potWidth');
  const rimDiameterCm = potWidthOf(potText, headingOf('potWidth'));
  if (potText !== '' && (rimDiameterCm === null || !/^[\d.,\s]*(cm|mm|in|inch|")?$/i.test(potText))) {
    noted.push(`Pot: ${potText}`);
  }
  if (called !== '' && species !== '' && !plain(called).includes(plain(species))) noted.push(`Species: ${species}`);
  const flagText = at('flag');
  const flag = flags[plain(flagText)] ?? null;
  if (flagText !== '' && flag === null) noted.push(`Mark: ${flagText}`);
  const leftOn = day('leftOn', 'Left');
  const plant = {
    line,
    name: shortened(name, k.MOST_NAME, 'Name'),
    tagNumber: orNull(shortened(at('tagNumber'), 40, 'Tag')),
    parentage: orNull(shortened(at('parentage'), 200, 'Parentage')),
    source: orNull(shortened(at('source'), 200, 'Source')),
    acquiredOn: day('acquiredOn', 'Acquired'),
    spot: orNull(shortened(at('spot'), 80, 'Where there')),
    flag,
    kindText: kindTextOf(kind, species, name),
    placeText: at('place'),
    mediumText,
    rimDiameterCm,
    inMediumSince: day('inMediumSince', 'Potted'),
    wateredOn: day('wateredOn', 'Watered'),
    left: leftOn === null ? null : { on: leftOn, how: howLeft(at('leftHow')) },
  };
  const note = [at('note'), ...noted].filter(Boolean).join('. ').slice(0, k.MOST_NOTE);
  return { line, plant: { ...plant, note }, unread };
}
