/** What can be asked for over HTTP, and how. A test compares it with the folders of app/api. */
import { MOST_ARCHIVE_BYTES, MOST_BODY_BYTES, MOST_LIST_BYTES, MOST_PHOTO_BYTES, photoTypes } from '../http/limits';

export const routes: Readonly<Record<string, readonly string[]>> = {
  '/api/health': ['GET'],
  '/api/plan': ['POST'],
  '/api/plants': ['GET', 'POST'],
  '/api/plants/facets': ['GET'],
  '/api/plants/[id]': ['GET', 'PUT', 'DELETE'],
  '/api/plants/[id]/history': ['GET'],
  '/api/plants/[id]/restore': ['POST'],
  '/api/pottings': ['POST'],
  '/api/pottings/[id]': ['PUT'],
  '/api/plans': ['POST'],
  '/api/inspections': ['POST'],
  '/api/sign-checks': ['POST'],
  '/api/sign-watch': ['GET'],
  '/api/journal': ['POST'],
  '/api/journal/[id]': ['DELETE'],
  '/api/journal/[id]/restore': ['POST'],
  '/api/due': ['GET'],
  '/api/insights': ['GET'],
  '/api/insights/hands': ['GET'],
  '/api/aftercare': ['GET'],
  '/api/aftercare/calendar': ['GET'],
  '/api/events/[id]': ['PUT', 'DELETE'],
  '/api/events/[id]/history': ['GET'],
  '/api/events/[id]/restore': ['POST'],
  '/api/photos/[id]': ['GET', 'PUT', 'DELETE'],
  '/api/photos/[id]/small': ['GET'],
  '/api/photos/[id]/restore': ['POST'],
  '/api/places': ['GET', 'POST'],
  '/api/places/[id]': ['PUT', 'DELETE'],
  '/api/places/[id]/restore': ['POST'],
  '/api/towns': ['GET'],
  '/api/deletions': ['POST'],
  '/api/collections': ['GET'],
  '/api/collections/example': ['DELETE'],
  '/api/collections/example/restore': ['POST'],
  '/api/archive': ['GET', 'POST'],
  '/api/tables/[kind]': ['GET'],
  '/api/lists': ['GET', 'POST'],
  '/api/lists/[id]': ['DELETE'],
  '/api/lists/[id]/restore': ['POST'],
  '/api/stock': ['GET', 'POST'],
  '/api/stock/entries': ['POST'],
  '/api/stock/entries/[id]': ['DELETE'],
  '/api/stock/entries/[id]/restore': ['POST'],
  '/api/stock/[id]/entries': ['GET'],
  '/api/trials': ['GET'],
  '/api/days': ['GET'],
  '/api/days/[id]': ['GET', 'PUT', 'DELETE'],
  '/api/days/[id]/entries': ['POST'],
  '/api/days/[id]/restore': ['POST'],
  '/api/library/[kind]': ['GET', 'POST'],
  '/api/library/[kind]/[id]': ['PUT', 'DELETE'],
  '/api/library/[kind]/[id]/history': ['GET'],
  '/api/library/[kind]/[id]/restore': ['POST'],
};

/** Where a picture is sent, and no JSON. */
const PICTURES = /^\/api\/photos\/[^/]+$/;

/** What a change at an address must be sent as, and how long it may be. */
export interface BodyRule {
  readonly types: RegExp;
  readonly told: string;
  readonly mostBytes: number;
}

const jsonRule = { types: /^application\/json\s*(;|$)/i, told: 'application/json', mostBytes: MOST_BODY_BYTES };
const longRules: Readonly<Record<string, BodyRule>> = {
  '/api/lists': { ...jsonRule, mostBytes: MOST_LIST_BYTES },
  '/api/archive': { ...jsonRule, mostBytes: MOST_ARCHIVE_BYTES },
};
const pictureRule = {
  types: new RegExp(`^(${photoTypes.join('|')})\\s*(;|$)`, 'i'),
  told: photoTypes.join(', '),
  mostBytes: MOST_PHOTO_BYTES,
};

export function bodyRuleAt(path: string, method: string): BodyRule {
  if (method === 'PUT' && PICTURES.test(path)) return pictureRule;
  return (method === 'POST' && longRules[path]) || jsonRule;
}

/** Pages are only read. */
const pageMethods: readonly string[] = ['GET'];

const matchers = Object.entries(routes).map(([pattern, methods]) => ({
  methods,
  parts: pattern.split('/'),
}));

/** Methods an address takes; null where there is no such address. HEAD goes where GET goes. */
export function methodsAt(path: string): readonly string[] | null {
  const withHead = (methods: readonly string[]) => (methods.includes('GET') ? [...methods, 'HEAD'] : methods);
  if (path !== '/api' && !path.startsWith('/api/')) return withHead(pageMethods);
  const asked = path.split('/');
  const found = matchers.find(
    ({ parts }) =>
      parts.length === asked.length &&
      parts.every((part, index) => (part.startsWith('[') ? asked[index] !== '' : part === asked[index])),
  );
  return found ? withHead(found.methods) : null;
}
