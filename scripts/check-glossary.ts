// Keeps docs/glossary.md true: no file and no exported name uses a word that the table says is not the name of the thing.
import { existsSync, readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import ts from 'typescript';

const cellsOf = (line: string): readonly string[] =>
  line
    .split('|')
    .slice(1, -1)
    .map((cell) => cell.trim().toLowerCase());
const listOf = (cell: string): readonly string[] =>
  cell
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean);

interface Named {
  readonly term: string;
  /** Phrases in which the word may stand. */
  readonly except: readonly string[];
}

/** By word, of the table's rows. */
export function forbiddenWords(markdown: string): ReadonlyMap<string, Named> {
  const rows = markdown
    .split('\n')
    .filter((line) => line.startsWith('|'))
    .slice(2)
    .map(cellsOf);
  return new Map(
    rows.flatMap(([term = '', , not = '', except = '']) =>
      listOf(not).map((word) => [word, { term, except: listOf(except) }] as const),
    ),
  );
}

/** The words of a name, as camelCase, kebab-case and UPPER_CASE write them. */
const wordsOf = (name: string): readonly string[] =>
  name
    .replace(/([a-z0-9])([A-Z])/g, '$1 $2')
    .replace(/([A-Z]+)([A-Z][a-z])/g, '$1 $2')
    .split(/[^A-Za-z0-9]+/)
    .filter(Boolean)
    .map((word) => word.toLowerCase());

/** What is wrong with a name; null where nothing is. */
export function faultOf(name: string, forbidden: ReadonlyMap<string, Named>): string | null {
  const words = wordsOf(name);
  const text = words.join(' ');
  for (const word of words) {
    const found = forbidden.get(word);
    if (found && !found.except.some((phrase) => text.includes(phrase))) return `“${word}” is called ${found.term}`;
  }
  return null;
}

/** The names a file exports. */
export function exportedNames(path: string, text: string): readonly string[] {
  const scriptKind = path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const { statements } = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, false, scriptKind);
  const namesIn = (pattern: ts.BindingName): readonly string[] =>
    ts.isIdentifier(pattern)
      ? [pattern.text]
      : pattern.elements.flatMap((element) => ('name' in element ? namesIn(element.name) : []));
  return statements.flatMap((statement) => {
    if (ts.isExportDeclaration(statement))
      return statement.exportClause && ts.isNamedExports(statement.exportClause)
        ? statement.exportClause.elements.map((element) => element.name.text)
        : [];
    if (
      !ts.canHaveModifiers(statement) ||
      !ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)
    )
      return [];
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.flatMap(({ name }) => namesIn(name));
    const { name } = statement as { readonly name?: ts.Identifier };
    return name ? [name.text] : [];
  });
}

const ours = /^(app|bench|chaos|cli|core|e2e|scripts|server|ui)\/.*\.(tsx?|mjs|cjs|css|sh)$/;

export function faultsIn(
  files: readonly string[],
  read: (path: string) => string,
  markdown: string,
): readonly string[] {
  const forbidden = forbiddenWords(markdown);
  return files.flatMap((path) => {
    const inPath = faultOf(path.replace(/\.[^/]*$/, ''), forbidden);
    const names = /\.tsx?$/.test(path) ? exportedNames(path, read(path)) : [];
    return [
      ...(inPath ? [`${path}: ${inPath}`] : []),
      ...names.flatMap((name) => {
        const fault = faultOf(name, forbidden);
        return fault ? [`${path}: ${name}: ${fault}`] : [];
      }),
    ];
  });
}

if (process.argv[1]?.endsWith('check-glossary.ts')) {
  const listed = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  const files = listed.split('\n').filter((path) => ours.test(path) && existsSync(path));
  const read = (path: string) => readFileSync(path, 'utf8');
  const faults = faultsIn(files, read, read('docs/glossary.md'));
  if (faults.length > 0) {
    process.stderr.write(`${faults.join('\n')}\nThe names stand in docs/glossary.md.\n`);
    process.exitCode = 1;
  }
}
