/** Two collections that know nothing of each other, and the example removed as one. */
import { randomUUID } from 'node:crypto';
import { demoPlaces } from '@core';
import { testDatabase } from '../../testing/database';
import { savePlace } from '../places/repository';
import { GrowersCollection } from './entity';
import { ensureCollection, isUntouched, listCollections, setExampleRemoved } from './repository';
import { exampleScope } from './scope';

const database = testDatabase();

test('a new collection is untouched until something was written into it, even if that is put away since', async () => {
  const em = database.em();
  const scope = { collectionId: randomUUID() };
  await ensureCollection(em, scope);
  expect(await isUntouched(em, scope)).toBe(true);
  await savePlace(em, scope, demoPlaces[0]!);
  await em.execute('update place set deleted_at = now() where collection_id = ?', [scope.collectionId]);
  expect(await isUntouched(em, scope)).toBe(false);
});

test('an example that was never made cannot be removed; one that was is removed and brought back as one', async () => {
  const em = database.em();
  const row = await ensureCollection(em, exampleScope);
  row.demoLoadedAt = null;
  row.removedAt = null;
  await em.flush();
  expect((await listCollections(em)).example.status).toBe('not made');
  expect(await setExampleRemoved(em.fork(), new Date())).toBe(false);
  await em.nativeUpdate(GrowersCollection, { id: exampleScope.collectionId }, { demoLoadedAt: new Date() });
  expect((await listCollections(em)).example.status).toBe('there');
  expect(await setExampleRemoved(em.fork(), new Date())).toBe(true);
  expect((await listCollections(em)).example.status).toBe('removed');
  expect(await setExampleRemoved(em.fork(), null)).toBe(true);
  expect((await listCollections(em)).example.status).toBe('there');
});
