export default {
  testEnvironment: 'node',
  // Looked up anew at each use in the sandbox of a test, which takes half the time of the estimates.
  sandboxInjectedGlobals: ['Math'],
  roots: ['<rootDir>/src'],
  setupFiles: ['<rootDir>/jest.dom.cjs'],
  setupFilesAfterEnv: ['<rootDir>/../../packages/core/jest.setup.cjs'],
  testMatch: ['**/*.test.{ts,tsx}'],
  transform: {
    '^.+\\.[tj]sx?$': [
      '@swc/jest',
      {
        swcrc: false,
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true, decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(date-fns|fast-check|uuid|@messageformat)/)'],
  moduleNameMapper: {
    // A module of the page waits for words on their way, which these cannot: here they are all there.
    '^\\.{1,2}/.*wording/all\\.js$': '<rootDir>/jest.words.ts',
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@fontsource-variable/': '<rootDir>/jest.fonts.cjs',
    '^@dotting/contract/(counters|said)$': '<rootDir>/../../packages/contract/src/$1.ts',
    '^@dotting/words/all$': '<rootDir>/../../packages/words/src/all.ts',
    '^@dotting/(core|contract|words)$': '<rootDir>/../../packages/$1/src/index.ts',
  },
};
