import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

const config = [
  { ignores: ['.next/**', '.next-check/**', '.data/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**'] },
  ...next,
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
];

export default config;
