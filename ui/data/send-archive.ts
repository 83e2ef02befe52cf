/** Sends an archive piece by piece, tells how far it is, and stops where it is told to. */
import { type ArchiveRead, archiveReadSchema } from '@server/exchange/archive/schemas';
import { openedCollection } from './browser/collection';
import { refusalOf, UnreachableError } from './browser/transport';

export interface SendArchive {
  /** Says what it would do, and keeps nothing. */
  readonly isTrial: boolean;
  /** 0..1 of what is to be sent; 1: it is being read. */
  readonly onShare: (share: number) => void;
  readonly signal: AbortSignal;
}

const OK = 200;

/** Throws what the server said where it refused, or that it was stopped. The browser's fetch tells no progress of what it sends. */
export function sendArchive(file: File, { isTrial, onShare, signal }: SendArchive): Promise<ArchiveRead> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    const asked = new URLSearchParams({ name: file.name.slice(0, 200), ...(isTrial ? { try: '1' } : {}) });
    request.open('POST', `/api/archive?${asked}`);
    request.setRequestHeader('content-type', 'application/json');
    request.setRequestHeader('x-collection', openedCollection());
    request.upload.onprogress = ({ loaded, total }) => onShare(total === 0 ? 1 : loaded / total);
    request.onabort = () => reject(new Error('Stopped. Nothing was kept.'));
    request.onerror = () => reject(new UnreachableError('The server cannot be reached.'));
    request.onload = () => {
      if (request.status !== OK) return reject(refusalOf(request.status, request.responseText));
      const parsed = archiveReadSchema.safeParse(JSON.parse(request.responseText));
      return parsed.success
        ? resolve(parsed.data)
        : reject(new Error('The server answered something this page does not understand.'));
    };
    signal.addEventListener('abort', () => request.abort());
    request.send(file);
  });
}
