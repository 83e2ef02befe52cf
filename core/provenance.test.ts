/** Every number in the core says where it comes from: the constants of each room, and the catalogues. */
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Constant, ConstantTable } from './base';
import { generaCatalogue } from './catalogue/genera';
import { mediaCatalogue } from './catalogue/media';
import { schools } from './catalogue/schools';
import { vesselCatalogue } from './catalogue/vessels';
import { spreadByHabit } from './growth';
import { airSpeeds } from './physics/air';
import { wallDensities } from './physics/pots';
import { allChecks } from './practice';
import { asleep, regimes, rests, saltTolerances, warmths } from './physics/stress';

const tableFiles = readdirSync(__dirname, { recursive: true, encoding: 'utf8' }).filter(
  (name) => name.endsWith('constants.ts') && name !== join('base', 'constants.ts'),
);

const tables = tableFiles.flatMap((name) => {
  const loaded = jest.requireActual<Readonly<Record<string, unknown>>>(join(__dirname, name));
  return Object.entries(loaded)
    .filter(([exported]) => exported.endsWith('Constants'))
    .map(([, table]) => [name, table as ConstantTable] as const);
});

const kinds = ['published', 'common practice', 'memory', 'definition', 'our choice'];

const rowIds = allChecks.filter((check) => check.use === 'set').map((check) => check.id);

function faultOf({ value, unit, origin, what, offShare, setOn }: Constant): string | null {
  if (!Number.isFinite(value)) return 'is no number';
  if (typeof unit !== 'string') return 'has no unit';
  if (what.length < 4) return 'does not say what it is';
  if (!kinds.includes(origin.kind)) return `comes from "${origin.kind}"`;
  if (origin.kind === 'published' && origin.source.length < 4) return 'names no source';
  const isSure = origin.kind === 'definition' || origin.kind === 'our choice';
  if (isSure !== (offShare === 0)) return 'does not say how far it may be off';
  const unknown = setOn.find((row) => !rowIds.includes(row));
  if (unknown) return `was set on "${unknown}", which is no row that may set anything`;
  return null;
}

test('every room that computes has its table', () => {
  expect(tables.length).toBeGreaterThanOrEqual(12);
  const constants = tables.flatMap(([, table]) => Object.keys(table));
  expect(constants.length).toBeGreaterThan(200);
});

test.each(tables)('%s: value, unit, origin and meaning', (_name, table) => {
  const faults = Object.entries(table).flatMap(([name, constant]) => {
    const fault = faultOf(constant);
    return fault ? [`${name} ${fault}`] : [];
  });
  expect(faults).toEqual([]);
});

test('each row that sets constants is named by one, or is a day among others of its kind', () => {
  const named = new Set(tables.flatMap(([, table]) => Object.values(table).flatMap((constant) => constant.setOn)));
  expect(named.size).toBeGreaterThanOrEqual(8);
});

test('a constant without an origin would be found', () => {
  const bare = {
    value: 1,
    unit: 'cm',
    origin: { kind: 'nowhere' },
    what: 'a made-up number',
    offShare: 0.3,
    setOn: [],
  } as unknown as Constant;
  expect(faultOf(bare)).toMatch(/nowhere/);
  expect(faultOf({ ...bare, origin: { kind: 'published', source: '' } })).toMatch(/source/);
  const known: Constant = { ...bare, origin: { kind: 'memory' }, offShare: 0.3, setOn: [] };
  expect(faultOf(known)).toBeNull();
  expect(faultOf({ ...known, offShare: 0 })).toMatch(/off/);
  // A row held out that set a constant would no longer be held out.
  expect(faultOf({ ...known, setOn: ['gravel-mulch'] })).toMatch(/no row/);
});

const catalogues = { genera: generaCatalogue, media: mediaCatalogue, vessels: vesselCatalogue } as const;

/** What a thing is called and what it is by nature needs no origin; every figure and judgement does. */
const plainFields = new Set([
  'id',
  'name',
  'alsoCalled',
  'note',
  'trap',
  'family',
  'organic',
  'pieceShape',
  'vessel',
  'shape',
  'wall',
  'material',
  'reservoir',
]);

function isSourced(value: unknown): boolean {
  if (typeof value !== 'object' || value === null || !('provenance' in value)) return false;
  const { provenance } = value as { readonly provenance: { readonly kind: string; readonly source?: string } };
  return provenance.kind === 'published' ? (provenance.source ?? '').length > 3 : kinds.includes(provenance.kind);
}

test.each(Object.entries(catalogues))('%s: every figure has its origin', (_name, entries) => {
  const bare = (entries as readonly object[]).flatMap((entry) =>
    Object.entries(entry)
      .filter(([field, value]) => !plainFields.has(field) && !isSourced(value))
      .map(([field]) => `${(entry as { readonly id: string }).id}.${field}`),
  );
  expect(entries.length).toBeGreaterThan(10);
  expect(bare).toEqual([]);
});

test('air speeds, walls, regimes, warmths and tolerances have theirs', () => {
  const figures = [
    airSpeeds,
    ...Object.values(spreadByHabit),
    wallDensities,
    saltTolerances,
    asleep,
    ...Object.values(regimes),
    ...Object.values(rests),
    ...Object.values(warmths),
  ];
  for (const table of figures as readonly object[])
    for (const value of Object.values(table) as unknown[]) expect(isSourced(value)).toBe(true);
});

test('no plain field hides a number', () => {
  const numbers = Object.values(catalogues)
    .flat()
    .flatMap((entry: object) =>
      Object.entries(entry).filter(([field, value]) => plainFields.has(field) && typeof value === 'number'),
    );
  expect(numbers).toEqual([]);
});

test('schools say why the house holds its side', () => {
  for (const school of schools) expect(school.houseReason.length).toBeGreaterThan(10);
});
