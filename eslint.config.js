import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

const typed = {
  languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
  rules: {
    '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    // A library’s own types are added to by an interface of the same name.
    '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
    '@typescript-eslint/no-floating-promises': 'error',
    '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
  },
};

/** The core computes only: no packages, no clock, no randomness, nothing of a browser or of Node. */
const pureCore = {
  'no-restricted-imports': [
    'error',
    { patterns: [{ regex: '^(?!\\.{1,2}/)', message: 'The core imports only itself.' }] },
  ],
  'no-restricted-globals': [
    'error',
    'process',
    'window',
    'document',
    'fetch',
    'performance',
    'setTimeout',
    'setInterval',
    'crypto',
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random' },
    { object: 'Date', property: 'now' },
  ],
  'no-restricted-syntax': [
    'error',
    { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'Pass the date in.' },
  ],
};

export default tseslint.config(
  {
    ignores: [
      '**/dist/',
      '.data/',
      'node_modules/',
      'test-results/',
      'playwright-report/',
      'tools/children/',
      'apps/server/.made/',
    ],
  },
  js.configs.recommended,
  tseslint.configs.recommended,
  { files: ['packages/*/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}', 'e2e/**/*.ts'], ...typed },
  // Playwright reads the fixtures a fixture needs from its first argument, which may be empty.
  {
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }] },
  },
  { files: ['packages/core/src/**/*.ts'], ignores: ['**/*.test.ts', '**/*.bench.ts'], rules: pureCore },
  {
    files: ['packages/contract/src/**/*.ts', 'apps/web/src/**/*.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['@nestjs/*', 'typeorm', 'node:*'] }] },
  },
  {
    files: ['**/*.cjs'],
    languageOptions: {
      sourceType: 'commonjs',
      globals: {
        require: 'readonly',
        __dirname: 'readonly',
        process: 'readonly',
        beforeEach: 'readonly',
        expect: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['**/*.{js,mjs}'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        fetch: 'readonly',
        URL: 'readonly',
        AbortSignal: 'readonly',
        structuredClone: 'readonly',
        window: 'readonly',
        document: 'readonly',
        requestAnimationFrame: 'readonly',
        PerformanceObserver: 'readonly',
        performance: 'readonly',
        Response: 'readonly',
        MessageChannel: 'readonly',
      },
    },
  },
  prettier,
);
