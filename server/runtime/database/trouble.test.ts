/** What an error of the database says of it, and what is a fault of the request or the program. */
import { ConnectionException } from '@mikro-orm/core';
import { isOfAValue, isWorthAnotherTry, troubleOf } from './trouble';

const withCode = (code: string) => Object.assign(new Error('told'), { code });

test.each([
  ['a connection that is refused', withCode('ECONNREFUSED'), 'away'],
  ['a shutdown (57P01)', withCode('57P01'), 'away'],
  ['a connection lost (08006)', withCode('08006'), 'away'],
  ['a disk that cannot be read (58030)', withCode('58030'), 'away'],
  ['trouble of its own (XX000)', withCode('XX000'), 'away'],
  ['a transaction cut off', new Error('Transaction query already complete, run with DEBUG=knex:tx'), 'away'],
  ['a connection that broke', new Error('Client has encountered a connection error and is not queryable'), 'away'],
  ['what the mapper makes of it', new ConnectionException(new Error('gone')), 'away'],
  ['no room on the disk (53100)', withCode('53100'), 'full'],
  [
    'no room, in its own words',
    Object.assign(new Error('could not write: No space left on device'), { code: 'XX000' }),
    'full',
  ],
  ['no connection left (53300)', withCode('53300'), 'busy'],
  ['a statement that took too long (57014)', withCode('57014'), 'busy'],
  ['a statement given up', new Error('Query read timeout'), 'busy'],
  ['all connections taken', new Error('Timeout acquiring a connection. The pool is probably full.'), 'busy'],
  ['a deadlock (40P01)', withCode('40P01'), 'collided'],
  ['what another changed meanwhile (40001)', withCode('40001'), 'collided'],
])('%s', (_name, error, trouble) => {
  expect(troubleOf(error)).toBe(trouble);
});

test.each([
  ['a value that is missing (23502)', withCode('23502')],
  ['a table that is none (42P01)', withCode('42P01')],
  ['data that is damaged (XX001): no waiting mends it', withCode('XX001')],
  ['a fault of the program', new TypeError('x is not a function')],
  ['nothing', null],
  ['a text', 'timeout expired'],
])('no trouble of the database: %s', (_name, error) => {
  expect(troubleOf(error)).toBeNull();
});

test('what may go better from the beginning, and what is wrong with a value', () => {
  expect(['40P01', '40001', '23505', '23503', '22008'].map((code) => isWorthAnotherTry(withCode(code)))).toEqual([
    true,
    true,
    true,
    false,
    false,
  ]);
  // A date beyond the calendar, a letter that cannot be kept, a row that is not there; and a fault of the program.
  expect(['22008', '22021', '23503', '42P01'].map((code) => isOfAValue(withCode(code)))).toEqual([
    true,
    true,
    true,
    false,
  ]);
});
