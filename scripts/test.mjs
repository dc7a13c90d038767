// Unit tests while one works: those that a change reaches, as often as a file is written; or those that are
// asked for, once.
// npm test                    waits for changes, and runs the tests whose code is another
// npm test core/kerf          runs the tests below a folder once
// npm test kerf.test -- -t comb   one file, tests whose name says "comb"
import { watch } from 'node:fs'
import { run, setUp } from './setup.mjs'

setUp()
const { bundleTests, JEST, SOURCES } = await import('./bundle-tests.mjs')
const jest = (wanted) => run(process.execPath, [...JEST, ...wanted])

await bundleTests()
const wanted = process.argv.slice(2)
if (wanted.length > 0) process.exit(jest(wanted))

async function runChanged() {
  const changed = await bundleTests().catch((error) => console.error(error.message))
  if (changed?.length > 0) jest(['--runTestsByPath', ...changed])
}
let due
for (const folder of SOURCES) {
  watch(folder, { recursive: true }, () => {
    clearTimeout(due)
    due = setTimeout(runChanged, 200)
  })
}
console.log('Waiting for a change…')
