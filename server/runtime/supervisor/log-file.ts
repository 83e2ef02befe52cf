/**
 * What the web server prints, in a file for its owner's eyes that does not grow for ever. A full disk costs
 * lines, nothing else: they are dropped until there is room.
 */
import { basename, dirname } from 'node:path';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';

export interface LogFile {
  readonly write: (text: string) => void;
  readonly close: () => Promise<void>;
}

const FILE_SIZE = '1M';
const OLDER_FILES = 3;
const TRY_AGAIN_MS = 10_000;

function streamAt(path: string): RotatingFileStream {
  const name = basename(path);
  // rotate: the classic way, name.1 the newest of the older ones.
  return createStream((index) => (typeof index === 'number' && index > 0 ? `${name}.${index}` : name), {
    path: dirname(path),
    size: FILE_SIZE,
    rotate: OLDER_FILES,
    mode: 0o600,
  });
}

/** open and now: for tests. */
export function logFile(
  path: string,
  open: (path: string) => RotatingFileStream = streamAt,
  now: () => number = Date.now,
): LogFile {
  let stream: RotatingFileStream | null = null;
  let triedAt = -Infinity;
  let dropped = 0;

  const opened = (): RotatingFileStream | null => {
    if (stream || now() - triedAt < TRY_AGAIN_MS) return stream;
    triedAt = now();
    const made = open(path);
    made.on('error', () => {
      // No room, or no folder: nothing can be said about it here, and nothing may stop for it.
      if (stream === made) stream = null;
      dropped += 1;
    });
    stream = made;
    if (dropped > 0) made.write('(lines are missing here: they could not be written)\n');
    dropped = 0;
    return made;
  };

  return {
    write: (text) => {
      const to = opened();
      if (to) to.write(text);
      else dropped += 1;
    },
    close: () =>
      new Promise((resolve) => {
        if (stream) stream.end(() => resolve());
        else resolve();
      }),
  };
}
