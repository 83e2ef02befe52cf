// Tests that passed with all that goes into them as it is now need not run again. A test is its bundle: every file of ours it
// reads, and the lock file for all others. ./check --all runs them all.
//   green-tests.ts skip STORE LIST          writes the tests that may be left out into LIST, as JSON
//   green-tests.ts keep STORE LIST RESULTS  adds those that passed, by Jest's own report
import { createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { relative } from 'node:path';
import { build } from 'esbuild';
import { closureOf, importsOf } from './imports';

/** What went into a test: by every file it could read, and by what of them is in its bundle. */
interface Inputs {
  readonly files: string;
  readonly bundle: string;
}
interface Green extends Inputs {
  readonly tests: number;
}
type Store = Readonly<Record<string, Green>>;
export interface Skipped {
  /** Of every test that may be left out another time: what goes into it now. */
  readonly inputs: Readonly<Record<string, Inputs>>;
  readonly skip: readonly string[];
  readonly tests: number;
}

/** What reads more than it imports is bundled with all that it may read, or always run. */
const readsFiles = /\bnode:(fs|child_process)\b|process\.cwd|__dirname/;
const wide: readonly RegExp[] = [/^core\//, /^cli\/cli\.test/];
const wideInputs = ['core', 'cli', 'examples', 'docs', 'scripts', 'cairn'];
const ofAll = ['package-lock.json', 'jest.config.mjs', 'tsconfig.json', 'scripts/bundled-tests.mjs'];

const sha256 = (...parts: readonly string[]): string => {
  const hash = createHash('sha256');
  for (const part of parts) hash.update(part).update('\0');
  return hash.digest('hex');
};
const listed = (...paths: readonly string[]): readonly string[] =>
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', ...paths], {
    encoding: 'utf8',
    maxBuffer: 1e8,
  })
    .split('\n')
    .filter((path) => path !== '' && existsSync(path));
const contentOf = (paths: readonly string[]): string =>
  sha256(...paths.map((path) => path + readFileSync(path, 'utf8')));
const readStore = (path: string): Store => (existsSync(path) ? (JSON.parse(readFileSync(path, 'utf8')) as Store) : {});

async function bundleOf(path: string): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [path],
    bundle: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    loader: { '.css': 'text' },
    write: false,
    logLevel: 'silent',
  });
  return outputFiles.map(({ text }) => text).join('\n');
}

/** How the inputs of tests are told; null for a test that always runs. */
function inputsBy(store: Store) {
  const files = listed('*.ts', '*.tsx', '*.css', '*.json', '*.mjs', '*.cjs');
  const known = new Set(files);
  const read = lazilyBy((path: string) => readFileSync(path, 'utf8'));
  const hashes = lazilyBy((path: string) => sha256(path, read(path)));
  const imports = lazilyBy((path: string) => (/\.tsx?$/.test(path) ? importsOf(path, read(path), known) : []));
  const base = sha256(process.version, contentOf(ofAll));
  const wideContent = lazilyBy(() => contentOf(listed(...wideInputs)));
  return async (path: string): Promise<Inputs | null> => {
    const closure = closureOf(path, imports);
    const readsMore = closure.some((file) => readsFiles.test(read(file)));
    if (readsMore && !wide.some((pattern) => pattern.test(path))) return null;
    const snapshot = path.replace(/([^/]+)$/, '__snapshots__/$1.snap');
    const more = sha256(base, existsSync(snapshot) ? read(snapshot) : '', readsMore ? wideContent('') : '');
    const ofFiles = sha256(more, ...closure.map(hashes));
    const before = store[path];
    if (before?.files === ofFiles) return before;
    const text = await bundleOf(path).catch(() => null);
    return text === null ? null : { files: ofFiles, bundle: sha256(more, text) };
  };
}

function lazilyBy<T>(make: (key: string) => T): (key: string) => T {
  const made = new Map<string, T>();
  return (key) => {
    if (!made.has(key)) made.set(key, make(key));
    return made.get(key)!;
  };
}

export async function mayBeSkipped(tests: readonly string[], store: Store): Promise<Skipped> {
  const inputsOf = inputsBy(store);
  const inputs: Record<string, Inputs> = {};
  await Promise.all(
    tests.map(async (path) => {
      const found = await inputsOf(path);
      if (found !== null) inputs[path] = found;
    }),
  );
  const skip = tests.filter((path) => inputs[path] !== undefined && store[path]?.bundle === inputs[path].bundle);
  return { inputs, skip, tests: skip.reduce((sum, path) => sum + store[path]!.tests, 0) };
}

interface Report {
  readonly testResults: readonly {
    readonly name: string;
    readonly status: string;
    readonly assertionResults: readonly { readonly status: string }[];
  }[];
}

/** What passed is green with what went into it; what failed no longer is. */
export function withResults(store: Store, { inputs, skip }: Skipped, report: Report, root: string): Store {
  const next: Record<string, Green> = Object.fromEntries(
    skip.map((path) => [path, { ...inputs[path]!, tests: store[path]!.tests }]),
  );
  for (const { name, status, assertionResults } of report.testResults) {
    const path = relative(root, name);
    const went = inputs[path];
    const isGreen = status === 'passed' && assertionResults.every((result) => result.status === 'passed');
    if (isGreen && went !== undefined)
      next[path] = { files: went.files, bundle: went.bundle, tests: assertionResults.length };
  }
  return next;
}

async function main([command, storePath = '', listPath = '', resultPath = '']: readonly string[]): Promise<void> {
  const store = readStore(storePath);
  if (command === 'skip') {
    const tests = listed('*.test.ts', '*.test.tsx');
    writeFileSync(listPath, JSON.stringify(await mayBeSkipped(tests, store)));
  } else if (command === 'keep') {
    const list = JSON.parse(readFileSync(listPath, 'utf8')) as Skipped;
    const report = JSON.parse(readFileSync(resultPath, 'utf8')) as Report;
    writeFileSync(storePath, JSON.stringify(withResults(store, list, report, process.cwd()), null, 1));
  } else throw new Error('say skip or keep');
}

if (process.argv[1]?.endsWith('green-tests.ts')) {
  main(process.argv.slice(2)).catch((error: unknown) => {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  });
}
