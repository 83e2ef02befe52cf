/** The check of names catches what it is there for, and lets the rest be. */
import { readFileSync } from 'node:fs';
import { exportedNames, faultOf, faultsIn, forbiddenWords } from './check-glossary';

const glossary = readFileSync('docs/glossary.md', 'utf8');
const forbidden = forbiddenWords(glossary);

test('every word that is not the name of a thing has the name beside it', () => {
  expect(forbidden.size).toBeGreaterThan(20);
  expect(forbidden.get('door')?.term).toBe('gateway');
  expect(forbidden.get('nursing')?.term).toBe('aftercare');
});

test.each(['makeDoor', 'plant-standings', 'NURSING_DAYS', 'useOwnPlaces', 'dailyThirstG'])('%s is a fault', (name) => {
  expect(faultOf(name, forbidden)).toMatch(/is called/);
});

test.each(['wetBulbC', 'understand', 'pseudobulbStates', 'indoors', 'downloads'])('%s is none', (name) => {
  expect(faultOf(name, forbidden)).toBeNull();
});

test('names are found in every way of exporting them, and paths are names too', () => {
  const text =
    'export const { keeper, a: [door] } = x; export { care as b }; export type { Told } from "./y"; const own = 1;';
  expect(exportedNames('a.ts', text)).toEqual(['keeper', 'door', 'b', 'Told']);
  const faults = faultsIn(['server/door/x.ts'], () => 'export interface Waiting {}', glossary);
  expect(faults).toHaveLength(2);
});
