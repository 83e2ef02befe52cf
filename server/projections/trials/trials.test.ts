/** Trials over a real database: what the lives of their plants say, since they began. */
import type { PlanCase, Trial } from '@core';
import { recordQuick } from '../../records/journal/record-quick';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import { recordInspection } from '../../records/journal/record';
import { inspectionInputSchema } from '../../records/journal/schemas';
import { saveLibraryItem, setItemHidden } from '../../records/library/repository';
import { addPlant } from '../../records/journal/add-plant';
import { addInputSchema } from '../../records/journal/add-schemas';
import type { Scope } from '../../records/collections/scope';
import { testDatabase } from '../../testing/database';
import { listTrials } from './repository';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
const planCase = { genus: 'oncidium', place: 'heated-flat' } as unknown as PlanCase;
beforeEach(async () => {
  scope = await database.freshScope();
});

async function plant(name: string): Promise<string> {
  const added = await addPlant(
    em(),
    scope,
    addInputSchema.parse({ facts: { name }, happenedOn: '2026-01-01', planCase }),
  );
  if (!('plantId' in added)) throw new Error(added.status);
  return added.plantId;
}
const look = (plantId: string, inspectedOn: string, inspection: object) =>
  recordInspection(
    em(),
    scope,
    inspectionInputSchema.parse({ plantId, plantName: 'x', planCase, inspectedOn, inspection }),
  );
const trial = (change: Partial<Trial>): Trial => ({
  name: 'Bark or stone',
  measure: 'live roots',
  matters: 15,
  spread: 15,
  begunOn: '2027-04-01',
  sides: [],
  note: '',
  ...change,
});

test('each side with its plants, and of each what was seen last since it began', async () => {
  const [a, b, c] = [await plant('A'), await plant('B'), await plant('C')];
  await look(a, '2027-03-01', { liveRootsPct: 30 });
  await look(a, '2028-04-01', { liveRootsPct: 90 });
  await look(b, '2028-04-01', { liveRootsPct: 60 });
  const sides = [
    { name: 'bark', plantIds: [a] },
    { name: 'stone', plantIds: [b, c] },
  ];
  const { id } = await saveLibraryItem(em(), scope, 'trial', trial({ sides }));
  const { trials } = await listTrials(em(), scope);
  expect(trials).toMatchObject([
    {
      id,
      data: { name: 'Bark or stone' },
      sides: [
        { name: 'bark', plants: [{ name: 'A', value: 90 }] },
        {
          name: 'stone',
          plants: [
            { name: 'B', value: 60 },
            { name: 'C', value: null },
          ],
        },
      ],
    },
  ]);
  await setItemHidden(em(), scope, 'trial', id, new Date());
  expect((await listTrials(em(), scope)).trials).toEqual([]);
});

test('waterings and tugs are measures too; another collection’s plants are not seen', async () => {
  const a = await plant('A');
  for (const happenedOn of ['2027-05-01', '2027-05-06', '2027-05-11', '2027-05-16']) {
    await recordQuick(em(), scope, quickInputSchema.parse({ kind: 'watered', plantIds: [a], happenedOn, details: {} }));
  }
  const side = (name: string, plantIds: string[]) => ({ name, plantIds });
  await saveLibraryItem(
    em(),
    scope,
    'trial',
    trial({ measure: 'days between waterings', sides: [side('pot', [a]), side('mount', [])] }),
  );
  expect((await listTrials(em(), scope)).trials[0]!.sides[0]!.plants).toEqual([{ id: a, name: 'A', value: 5 }]);
  const stranger = await database.freshScope();
  await saveLibraryItem(em(), stranger, 'trial', trial({ sides: [side('pot', [a]), side('mount', [])] }));
  expect((await listTrials(em(), stranger)).trials[0]!.sides[0]!.plants).toEqual([]);
});
