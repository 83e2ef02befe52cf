/** Logs hold no growers' data: the database's errors come with what was to be written. */
import { randomUUID } from 'node:crypto';
import { testDatabase } from '../../testing/database';
import { withoutData } from './without-data';

const database = testDatabase();

test('an error of the database says what kind it is and where, not what was to be written', async () => {
  const writing = database
    .em()
    .execute('insert into plant (id, name) values (?, ?)', [randomUUID(), 'Secret orchid of Quarry Row']);
  const error: unknown = await writing.catch((thrown: unknown) => thrown);
  expect(String(error)).toContain('Secret orchid');
  const told = withoutData(error);
  expect(`${told.stack} ${told.message} ${JSON.stringify(told)}`).not.toContain('Secret');
  expect(told.message).toMatch(/^NotNullConstraintViolationException 23502$/);
  expect(told.stack).toMatch(/\n\s+at /);
});

test('what is no error is not repeated either', () => {
  expect(withoutData('Secret').message).toBe('something that is no error was thrown');
});
