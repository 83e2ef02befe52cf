import { readFileSync } from 'node:fs';

/** What ./check has found green with all that goes into it as it is now (scripts/green-tests.ts). */
const skippedFile = process.env.CAIRN_SKIPPED_TESTS;
const skipped = skippedFile ? JSON.parse(readFileSync(skippedFile, 'utf8')).skip : [];
const literally = (text) => text.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&');

/** @type {import('jest').Config} */
const config = {
  testEnvironment: 'node',
  roots: [
    '<rootDir>/core',
    '<rootDir>/server',
    '<rootDir>/cli',
    '<rootDir>/ui',
    '<rootDir>/chaos',
    '<rootDir>/scripts',
  ],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  testPathIgnorePatterns: ['/node_modules/', ...skipped.map((path) => `<rootDir>/${literally(path)}$`)],
  transform: {
    '/core/.*\\.test\\.ts$': '<rootDir>/scripts/bundled-tests.mjs',
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(@ant-design/(?:colors|fast-color)|suncalc|ml-.*|odex|react-hotkeys-hook)/)',
  ],
  moduleNameMapper: {
    '\\.module\\.css$': '<rootDir>/ui/testing/no-style.ts',
    '^@core/(.*)$': '<rootDir>/core/$1',
    '^@core$': '<rootDir>/core/index.ts',
    '^@ui/(.*)$': '<rootDir>/ui/$1',
    '^@server/(.*)$': '<rootDir>/server/$1',
  },
  // Looked up through the tests' sandbox, these cost more than what they work out: a plan took twice as long.
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Object', 'Float64Array', 'Uint8Array', 'Infinity'],
  // A busy machine is no fault of what is tested.
  testTimeout: 300_000,
};

export default config;
