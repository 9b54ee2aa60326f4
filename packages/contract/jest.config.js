export default {
  testEnvironment: 'node',
  // Looked up anew at each use in the sandbox of a test, which takes half the time of the estimates.
  sandboxInjectedGlobals: ['Math'],
  roots: ['<rootDir>/src'],
  testMatch: ['**/*.test.ts'],
  transform: {
    '^.+\\.[tj]s$': [
      '@swc/jest',
      {
        swcrc: false,
        jsc: {
          target: 'es2022',
          keepClassNames: true,
          parser: { syntax: 'typescript', decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: true, useDefineForClassFields: false },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@dotting/words/all$': '<rootDir>/../words/src/all.ts',
    '^@dotting/(core|words)$': '<rootDir>/../$1/src/index.ts',
  },
};
