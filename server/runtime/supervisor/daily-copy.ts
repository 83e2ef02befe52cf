/** Once a day a copy of everything beside the database, unless CAIRN_DAILY_COPY=off. */
import { spawn } from 'node:child_process';
import { lockStaysHere } from './stdio';

const LOOK_EVERY_MS = 3_600_000;

/** Looks now and every hour whether one is due; failing says why, and the next hour tries again. */
export function keepDailyCopies(dataFolder: string, say: (line: string) => void): NodeJS.Timeout {
  const look = (): void => {
    const child = spawn(process.execPath, ['--import', 'tsx', 'server/start/backup.ts', 'daily', dataFolder], {
      stdio: lockStaysHere(['ignore', 'ignore', 'pipe']),
    });
    let said = '';
    child.stderr?.on('data', (bytes: Buffer) => (said += String(bytes)));
    child.once('error', (error) => say(`The daily copy could not be made: ${error.message}`));
    child.once('exit', (code) => {
      if (code !== 0) say(`The daily copy could not be made and is tried again in an hour: ${said.trim()}`);
    });
  };
  look();
  return setInterval(look, LOOK_EVERY_MS);
}
