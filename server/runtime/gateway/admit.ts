/**
 * Who may ask, and what: decided from the head of a request, before its body is read and before the
 * application sees it. Growers' data lies on their own machine; another page in the same browser must
 * neither read nor change it (cross-site requests), nor a foreign name that points here (DNS rebinding).
 */
import type { IncomingHttpHeaders } from 'node:http';
import { bodyRuleAt, methodsAt } from './routes';

export interface Head {
  readonly method: string;
  /** Path and query as sent. */
  readonly url: string;
  readonly headers: IncomingHttpHeaders;
}

export interface Refusal {
  readonly status: number;
  readonly title: string;
  readonly headers?: Readonly<Record<string, string>>;
}

export const LOOPBACK_NAMES: readonly string[] = ['localhost', '127.0.0.1', '[::1]'];

const reading: ReadonlySet<string> = new Set(['GET', 'HEAD']);

const refuse = (status: number, title: string, headers: Readonly<Record<string, string>> = {}): Refusal => ({
  status,
  title,
  headers,
});

/** The name in a Host header, without its port. */
export function hostName(host: string): string {
  return host.toLowerCase().replace(/:\d*$/, '');
}

/** What leads elsewhere than it says: a step up or to the same place, or a backslash, which browsers take for a slash. */
const ASTRAY = /(^|\/)\.{1,2}(\/|$)|\\/;

/** The path with its escapes read; null where they cannot be, hide a NUL, or lead astray. */
function readPath(url: string): string | null {
  try {
    const [path = '', query = ''] = url.split('?', 2);
    const decoded = decodeURIComponent(path);
    const isPlain = decoded.startsWith('/') && !ASTRAY.test(decoded) && !decoded.includes('\0') && !/%00/.test(query);
    return isPlain ? decoded : null;
  } catch {
    return null;
  }
}

/** Where the framework would make pictures anew, of anything it is pointed to, into a folder of its own: nothing here asks for it. */
const PICTURE_MAKER = /^\/_next\/image(\/|$)/;

/** What the framework's own pages say of where they are: JSON, which it reads without a doubt. */
const ROUTER_STATE = 'next-router-state-tree';

function isReadableState(state: string | string[] | undefined): boolean {
  if (state === undefined) return true;
  try {
    return Array.isArray(JSON.parse(decodeURIComponent(String(state))));
  } catch {
    return false;
  }
}

/** Whether a page of another origin sent this, as far as the browser says. */
function isForeign({ headers }: Head): boolean {
  const site = headers['sec-fetch-site'];
  const { origin } = headers;
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return true;
  if (origin === undefined) return false;
  const own = headers.host ?? '';
  return origin !== `http://${own}` && origin !== `https://${own}`;
}

/** hosts: names this server may be called by. null: come in. */
export function refusalOf(head: Head, hosts: readonly string[]): Refusal | null {
  const { method, url, headers } = head;
  if (!hosts.includes(hostName(headers.host ?? ''))) {
    return refuse(421, 'This server does not go by that name. Open it by its own address.');
  }
  const path = readPath(url);
  if (path === null) return refuse(400, 'The address cannot be read.');
  if (!isReadableState(headers[ROUTER_STATE])) return refuse(400, 'The head of the request cannot be read.');
  const methods = PICTURE_MAKER.test(path) ? null : methodsAt(path);
  if (methods === null) return refuse(404, 'There is no such address.');
  if (!methods.includes(method)) {
    return refuse(405, `This address takes ${methods.join(', ')}.`, { allow: methods.join(', ') });
  }
  const isData = path.startsWith('/api/');
  if (isData && isForeign(head)) return refuse(403, 'Only Tender Cairn’s own pages may ask for this.');
  if (reading.has(method)) return null;
  const { types, told, mostBytes } = bodyRuleAt(path, method);
  if (!types.test(headers['content-type'] ?? '')) return refuse(415, `Changes are sent here as ${told}.`);
  if (Number(headers['content-length'] ?? 0) > mostBytes) {
    return refuse(413, `The body is longer than ${mostBytes / 1e6} MB.`);
  }
  return null;
}
