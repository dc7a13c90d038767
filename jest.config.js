/** Unit and property tests: as modules, compiled by swc. */
export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/web', '<rootDir>/server', '<rootDir>/demo', '<rootDir>/scripts'],
  testMatch: ['**/*.test.ts'],
  testTimeout: 60_000,
  maxWorkers: 2,
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022', experimental: { keepImportAttributes: true } }, module: { type: 'es6' } }] },
  moduleNameMapper: { '^@core/(.*)$': '<rootDir>/core/$1/index.ts' },
}
