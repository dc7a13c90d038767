// Everything that must hold: sets itself up, then types, lint, unit, property and browser tests. The last
// line is "N passed, N failed".
import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { countLines } from './code-lines.mjs'
import { run, setUp } from './setup.mjs'

const CHROMIUM = '/usr/bin/chromium'
const root = fileURLToPath(new URL('..', import.meta.url))
const bin = (path) => join(root, 'node_modules', path)
const reports = mkdtempSync(join(tmpdir(), 'uplands-check-'))
let passed = 0
let failed = 0

function installChromium() {
  if (existsSync(CHROMIUM)) return
  console.log('Installing Chromium…')
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo', '-n']
  for (const args of [
    ['apt-get', 'update', '-qq'],
    ['apt-get', 'install', '-y', '-qq', '--no-install-recommends', 'chromium'],
  ]) {
    const [command, ...rest] = [...asRoot, ...args]
    if (run(command, rest, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } }) !== 0) {
      console.error(`Chromium could not be installed. Put one at ${CHROMIUM} and run this again.`)
      break
    }
  }
}

/** Steps that pass or fail as a whole, all at once: one that waits leaves its core to another. */
async function steps(...list) {
  const running = list.map(([name, args]) => {
    const said = []
    const child = spawn(process.execPath, args, { cwd: root })
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece) => said.push(piece))
    return new Promise((done) => {
      child.on('close', (status) => done({ name, good: status === 0, said: Buffer.concat(said) }))
    })
  })
  let all = true
  for (const each of running) {
    const { name, good, said } = await each
    console.log(`\n== ${name}${good ? '' : ': failed'}\n${said}`.trimEnd())
    if (good) passed++
    else failed++
    all &&= good
  }
  return all
}

/** Reads a runner's report; a report that is missing or empty is a failure of its own. */
function count(file, read, status) {
  const report = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : { good: 0, bad: 1 }
  passed += report.good
  failed += report.bad
  if (report.good + report.bad === 0 || (status !== 0 && report.bad === 0)) failed++
}

setUp()
installChromium()
await steps(
  ['types of core', [bin('typescript/bin/tsc'), '-p', 'core']],
  ['types of everything, tests too', [bin('vue-tsc/bin/vue-tsc.js'), '-p', 'tsconfig.json']],
  ['lint', [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0']],
  ['format', [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.']],
)

console.log('\n== unit and property tests')
const unit = join(reports, 'unit.json')
const unitStatus = run(
  process.execPath,
  [
    '--experimental-vm-modules',
    '--no-warnings',
    bin('jest/bin/jest.js'),
    '--json',
    `--outputFile=${unit}`,
    '--silent',
  ],
  { stdio: ['ignore', 'ignore', 'inherit'] },
)
count(
  unit,
  ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
    good: numPassedTests,
    bad: numFailedTests + numRuntimeErrorTestSuites,
  }),
  unitStatus,
)

if (await steps(['build', [bin('vite/bin/vite.js'), 'build', '--logLevel', 'warn']])) {
  console.log('\n== browser tests')
  const browser = join(reports, 'browser.json')
  const browserStatus = run(process.execPath, [bin('@playwright/test/cli.js'), 'test'], {
    env: { ...process.env, CI: 'true', UPLANDS_REPORT: browser },
  })
  count(
    browser,
    ({ stats }) => ({ good: stats.expected + stats.flaky, bad: stats.unexpected }),
    browserStatus,
  )
}

rmSync(reports, { recursive: true, force: true })
const { code, tests } = countLines(root)
console.log(`\nTests are ${tests} of ${code} code lines, ${Math.round((100 * tests) / code)} %.`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
