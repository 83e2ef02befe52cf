/** Errors as they may stand in a log: what kind and where, without what a grower wrote. */

const codeOf = (error: object): string => ('code' in error && typeof error.code === 'string' ? ` ${error.code}` : '');

/**
 * The database's errors carry the statement with its values, so no message is passed on but our own kind
 * of error: its name, its code, and the lines of the program it came through.
 */
export function withoutData(error: unknown): Error {
  if (!(error instanceof Error)) return new Error('something that is no error was thrown');
  const told = new Error(`${error.name}${codeOf(error)}`);
  const lines = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  told.name = error.name;
  told.stack = [told.message, ...lines].join('\n');
  return told;
}
