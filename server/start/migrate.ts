/** Brings the database to the current tables and makes the one collection. Run before the server. */
import { bringUp } from './bring-up';
import { databaseUrl } from '../runtime/database/config';

bringUp(databaseUrl()).then(
  (applied) => process.stdout.write(`migrations applied: ${applied}\n`),
  (error: unknown) => {
    process.stderr.write(`migration failed: ${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  },
);
