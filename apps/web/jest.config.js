export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/src'],
  setupFilesAfterEnv: ['<rootDir>/../../packages/core/jest.setup.cjs'],
  testMatch: ['**/*.test.ts'],
  transform: {
    '^.+\\.[tj]s$': [
      '@swc/jest',
      {
        swcrc: false,
        jsc: { target: 'es2022', parser: { syntax: 'typescript', decorators: true } },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(date-fns|fast-check|uuid|@messageformat)/)'],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    '^@dotting/(core|contract|words)$': '<rootDir>/../../packages/$1/src/index.ts',
  },
};
