import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

/** Only screens have hooks and elements; to look for them in the core took a third of the time. */
const screens = next.map((entry) =>
  entry.plugins?.['react-hooks'] || entry.plugins?.['@next/next']
    ? { ...entry, files: ['{ui,app}/**/*.{ts,tsx}'] }
    : entry,
);

const config = [
  { ignores: ['.next/**', '.next-check/**', '.data/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**'] },
  ...screens,
  ...typescript,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    // The core knows nothing of screens, servers or files.
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                'react',
                'react-*',
                'next',
                'next/*',
                'antd',
                '@ant-design/*',
                '@mikro-orm/*',
                'node:*',
                'fs',
                'path',
              ],
              message: 'The core is pure.',
            },
            {
              group: ['@ui/*', '@server/*', '**/ui/**', '**/server/**', '**/app/**'],
              message: 'The core does not know who uses it.',
            },
          ],
        },
      ],
    },
  },
  {
    // What the database says of a second write is caught in one file.
    files: ['server/**/*.ts'],
    ignores: ['server/runtime/database/write-once.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: '@mikro-orm/core',
              importNames: ['UniqueConstraintViolationException'],
              message: 'runtime/database/write-once.ts catches it, once.',
            },
          ],
        },
      ],
    },
  },
  {
    // A judgement or a constant of nature stands in its room's table, with unit and origin. What may stand
    // bare is arithmetic: units, halves, geometry, the clock. The files left out are tables whose every
    // value carries its origin, and one published equation kept line by line beside its source.
    files: ['core/{physics,growth,rooms,names,decide,advise,explore,due}/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/*constants.ts',
      'core/decide/setups/recipes.ts',
      'core/physics/air/airflow.ts',
      'core/growth/mixed.ts',
      'core/physics/air/reference-evapotranspiration.ts',
      'core/physics/stress/{needs,regime,rest}.ts',
      'core/practice/{days,held-out,leaching,set-on}.ts',
      'core/physics/pots/stability.ts',
      'core/rooms/sun-on-a-wall.ts',
    ],
    rules: {
      'no-magic-numbers': [
        'error',
        {
          ignore: [
            -2, -1, 0, 0.5, 1, 2, 3, 4, 5, 6, 10, 12, 15, 24, 28, 30, 31, 60, 100, 180, 365, 1000, 2025, 1e4, 1e-9,
            1e-12, 1e-30,
          ],
          ignoreArrayIndexes: true,
        },
      ],
    },
  },
];

export default config;
