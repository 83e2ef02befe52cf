/* eslint-disable @typescript-eslint/no-require-imports -- Node loads it as it is */
/** Where a thread begins: it reads TypeScript as the main thread does, which it does not inherit. */
require('tsx/cjs/api').register();
module.exports = require('./worker.ts');
