/** What can be asked for over HTTP, and how. A test compares it with the folders of app/api. */
export const routes: Readonly<Record<string, readonly string[]>> = {
  '/api/health': ['GET'],
  '/api/plan': ['POST'],
  '/api/plants': ['GET'],
  '/api/plants/[id]': ['GET', 'DELETE'],
  '/api/plants/[id]/restore': ['POST'],
  '/api/pottings': ['POST'],
  '/api/pottings/[id]': ['DELETE'],
  '/api/pottings/[id]/restore': ['POST'],
  '/api/places': ['GET', 'POST'],
  '/api/places/[id]': ['PUT', 'DELETE'],
  '/api/places/[id]/restore': ['POST'],
  '/api/own/[kind]': ['GET', 'POST'],
  '/api/own/[kind]/[id]': ['PUT', 'DELETE'],
  '/api/own/[kind]/[id]/history': ['GET'],
  '/api/own/[kind]/[id]/restore': ['POST'],
};

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
