import { fileURLToPath } from 'node:url'
import { BUNDLED } from './scripts/bundle-tests.mjs'

const here = (name) => fileURLToPath(new URL(`scripts/testing/${name}`, import.meta.url))

/** Unit and property tests, as `scripts/bundle-tests.mjs` put them. */
const bundled = {
  rootDir: BUNDLED,
  testPathIgnorePatterns: [], // it lies where others keep packages
  haste: { retainAllFiles: true },
  moduleFileExtensions: ['mjs', 'js', 'json', 'node'],
  transform: {},
}

// What keeps something in a browser's storage has a place of its own for each file; all else shares one.
export default {
  maxWorkers: 2,
  testTimeout: 60_000,
  projects: [
    {
      ...bundled,
      runner: 'jest-light-runner',
      testMatch: ['**/*.test.mjs', '!**/web/{data,stores,workers}/**'],
    },
    {
      ...bundled,
      testEnvironment: here('environment.mjs'),
      testEnvironmentOptions: { globalsCleanup: 'off' }, // the database in memory is used to the end
      setupFiles: [here('browser-storage.mjs')],
      testMatch: ['**/web/{data,stores,workers}/**/*.test.mjs'],
    },
  ],
}
