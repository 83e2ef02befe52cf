/** A fault of the program: said to the log, and to the client that it is none of theirs. */
import { problem } from './problem';
import { withoutData } from './without-data';

export function wentWrong(error: unknown): Response {
  process.stderr.write(`${withoutData(error).stack}\n`);
  return problem(500, 'Something went wrong here. Nothing was changed, as far as is known.');
}
