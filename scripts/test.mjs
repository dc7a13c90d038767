// Unit tests while one works: all of them, watched; or only those whose path or name is given.
// npm test                    watches what changed
// npm test core/kerf          runs the tests below a folder once
// npm test kerf.test -- -t comb   one file, tests whose name says "comb"
import { run, setUp } from './setup.mjs'

setUp()
const wanted = process.argv.slice(2)
const how = wanted.length > 0 ? wanted : ['--watch']
const jest = ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js']
process.exit(run(process.execPath, [...jest, ...how]))
