/** Runs the command line from one bundle, made anew where the sources have changed: from hundreds of files it takes half as long again. */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, renameSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { buildSync } from 'esbuild';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const { outputFiles } = buildSync({
  absWorkingDir: root,
  entryPoints: [join(root, 'cli/main.ts')],
  tsconfig: join(root, 'tsconfig.json'),
  bundle: true,
  packages: 'external',
  platform: 'node',
  format: 'esm',
  write: false,
  logLevel: 'error',
});
const code = outputFiles[0].text;
// Inside the checkout, where its packages are found; by its content, so that two runs never meet.
const folder = join(root, 'node_modules/.cache/cairn');
const file = join(folder, `${createHash('sha256').update(code).digest('hex').slice(0, 16)}.mjs`);
if (!existsSync(file)) {
  mkdirSync(folder, { recursive: true });
  const making = `${file}.${process.pid}`;
  writeFileSync(making, code);
  renameSync(making, file);
}
await import(pathToFileURL(file).href);
