export default {
  testEnvironment: 'node',
  // Looked up anew at each use in the sandbox of a test, which takes half the time of the estimates.
  sandboxInjectedGlobals: ['Math'],
  roots: ['<rootDir>/test'],
  setupFilesAfterEnv: ['<rootDir>/../../packages/core/jest.setup.cjs'],
  testMatch: ['**/*.test.ts'],
  testTimeout: 30_000,
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
  // NestJS and Fastify are ESM only, and Jest loads CommonJS.
  transformIgnorePatterns: [
    '/node_modules/(?!(@nestjs|@fastify|light-my-request|file-type|cookie|content-disposition|@tokenizer|strtok3|token-types|uint8array-extras|@borewit|p-limit|yocto-queue)/)',
  ],
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'require', 'default'] },
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
};
