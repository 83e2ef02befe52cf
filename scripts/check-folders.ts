// Fails where folders depend on each other in a circle, types included. Tests may look wherever they like.
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, posix } from 'node:path';
import { importsOf } from './imports';

const isTest = /\.test\.tsx?$|\/testing\//;

type Graph = ReadonlyMap<string, ReadonlySet<string>>;

function sourcesIn(folder: string): readonly string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .map((name) => posix.join(folder, name))
    .filter((path) => /\.tsx?$/.test(path) && !isTest.test(path));
}

/** folder → the folders it depends on. read: a file's text. */
export function folderGraph(files: readonly string[], read: (path: string) => string): Graph {
  const known = new Set(files);
  const graph = new Map(files.map((file) => [dirname(file), new Set<string>()]));
  for (const file of files) {
    for (const target of importsOf(file, read(file), known)) {
      if (dirname(target) !== dirname(file)) graph.get(dirname(file))!.add(dirname(target));
    }
  }
  return graph;
}

/** Folders that reach each other (Tarjan 1972: strongly connected components), those of more than one. */
export function circlesIn(graph: Graph): readonly (readonly string[])[] {
  const [order, low] = [new Map<string, number>(), new Map<string, number>()];
  const [open, circles]: [string[], string[][]] = [[], []];
  const visit = (folder: string): void => {
    order.set(folder, order.size);
    low.set(folder, order.get(folder)!);
    open.push(folder);
    for (const next of graph.get(folder) ?? []) {
      if (!order.has(next)) visit(next);
      if (open.includes(next)) low.set(folder, Math.min(low.get(folder)!, low.get(next)!));
    }
    if (low.get(folder) !== order.get(folder)) return;
    const circle = open.splice(open.indexOf(folder));
    if (circle.length > 1) circles.push(circle.sort());
  };
  for (const folder of graph.keys()) if (!order.has(folder)) visit(folder);
  return circles;
}

if (process.argv[1]?.endsWith('check-folders.ts')) {
  const files = ['app', 'bench', 'chaos', 'cli', 'core', 'server', 'ui'].flatMap(sourcesIn);
  const circles = circlesIn(folderGraph(files, (path) => readFileSync(join(process.cwd(), path), 'utf8')));
  for (const circle of circles)
    process.stderr.write(`these folders depend on each other in a circle: ${circle.join(', ')}\n`);
  if (circles.length > 0) process.exitCode = 1;
}
