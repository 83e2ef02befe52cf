/** The check of folders sees circles of two and more, and none where there is none. */
import { circlesIn, folderGraph } from './check-folders';

const graphOf = (texts: Readonly<Record<string, string>>): ReadonlyMap<string, ReadonlySet<string>> =>
  folderGraph(Object.keys(texts), (path) => texts[path]!);

test('types count, and so do aliases and what is loaded later', () => {
  const graph = graphOf({
    'core/a/x.ts': "import type { Y } from '../b/y';",
    'core/b/y.ts': "export const z = () => import('@core/c');",
    'core/c/index.ts': "export * from '../a/x';",
    'ui/d.ts': "import '@core/a/x';",
  });
  expect(circlesIn(graph)).toEqual([['core/a', 'core/b', 'core/c']]);
});

test('a file beside it is no circle, nor is one direction', () => {
  const texts = { 'core/a/x.ts': "import './y';", 'core/a/y.ts': "import '../b/z';", 'core/b/z.ts': "import 'zod';" };
  expect(circlesIn(graphOf(texts))).toEqual([]);
});
