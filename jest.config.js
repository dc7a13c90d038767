/** Unit and property tests: as modules, compiled by swc. */
export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/web', '<rootDir>/server', '<rootDir>/demo'],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'es6' } }] },
  moduleNameMapper: { '^@core/(.*)$': '<rootDir>/core/$1/index.ts' },
}
