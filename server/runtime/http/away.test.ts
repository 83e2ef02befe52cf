/** What counts as a database that is away, and what is a fault of the request or the program. */
import { ConnectionException } from '@mikro-orm/core';
import { isAway } from './away';

const withCode = (code: string) => Object.assign(new Error('told'), { code });

test.each([
  ['a connection that is refused', withCode('ECONNREFUSED')],
  ['no room on the disk (53100)', withCode('53100')],
  ['a shutdown (57P01)', withCode('57P01')],
  ['a connection lost (08006)', withCode('08006')],
  ['a disk that cannot be read (58030)', withCode('58030')],
  ['trouble of its own (XX000)', withCode('XX000')],
  ['a statement given up', new Error('Query read timeout')],
  ['a transaction cut off', new Error('Transaction query already complete, run with DEBUG=knex:tx for more info')],
  ['a connection that broke', new Error('Client has encountered a connection error and is not queryable')],
  ['what the mapper makes of it', new ConnectionException(new Error('gone'))],
])('away: %s', (_name, error) => {
  expect(isAway(error)).toBe(true);
});

test.each([
  ['a value that is missing (23502)', withCode('23502')],
  ['a table that is none (42P01)', withCode('42P01')],
  ['data that is damaged (XX001): no waiting mends it', withCode('XX001')],
  ['a fault of the program', new TypeError('x is not a function')],
  ['nothing', null],
  ['a text', 'timeout expired'],
])('not away: %s', (_name, error) => {
  expect(isAway(error)).toBe(false);
});
