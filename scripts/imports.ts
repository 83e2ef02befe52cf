// Which of our own files a file imports, types included.
import { dirname, posix } from 'node:path';
import ts from 'typescript';

/** The file of ours that an import names; null for a package. known: all of ours. */
function targetOf(from: string, name: string, known: ReadonlySet<string>): string | null {
  const isAlias = /^@(core|ui|server)(\/|$)/.test(name);
  if (!isAlias && !name.startsWith('.')) return null;
  const bare = isAlias ? name.slice(1) : posix.join(dirname(from), name);
  return [bare, `${bare}.ts`, `${bare}.tsx`, `${bare}/index.ts`].find((path) => known.has(path)) ?? null;
}

export const importsOf = (file: string, text: string, known: ReadonlySet<string>): readonly string[] =>
  ts.preProcessFile(text, true, true).importedFiles.flatMap(({ fileName }) => targetOf(file, fileName, known) ?? []);

/** A file and all that it reads, by imports of imports. */
export function closureOf(file: string, imports: (file: string) => readonly string[]): readonly string[] {
  const found = new Set([file]);
  for (const next of found) for (const target of imports(next)) found.add(target);
  return [...found].sort();
}
