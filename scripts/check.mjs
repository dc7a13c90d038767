// Everything that must hold: sets itself up, then types, lint, unit, property and browser tests. The last
// line is "N passed, N failed". Generators try an eighth of their cases, always the same ones; with --all
// they try the whole, from a seed that is printed (given by UPLANDS_SEED, it is tried again).
import { spawn } from 'node:child_process'
import { randomInt } from 'node:crypto'
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
/** @type {{ name: string, seconds: number }[]} */
const tests = []
/** @type {{ name: string, seconds: number }[]} */
const stages = []
/** @type {string[]} */
const unsteady = []

const isWhole = process.argv.includes('--all')
const seed = isWhole ? (process.env.UPLANDS_SEED ?? String(randomInt(2 ** 31))) : '0'
const env = { ...process.env, UPLANDS_ALL: isWhole ? '1' : '', UPLANDS_SEED: seed }

/** How long a stage takes is said at the end. */
async function stage(name, work) {
  const begun = performance.now()
  const result = await work()
  stages.push({ name, seconds: (performance.now() - begun) / 1000 })
  return result
}

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
    const child = spawn(process.execPath, args, { cwd: root, env })
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
  const nothing = { good: 0, bad: 1, took: [] }
  const report = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : nothing
  passed += report.good
  failed += report.bad
  tests.push(...report.took)
  unsteady.push(...(report.unsteady ?? []))
  if (report.good + report.bad === 0 || (status !== 0 && report.bad === 0)) failed++
}

/** Jest's report. */
const readUnit = ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites, testResults }, testOf) => ({
  good: numPassedTests,
  bad: numFailedTests + numRuntimeErrorTestSuites,
  took: testResults.flatMap(({ name, assertionResults }) =>
    assertionResults.map(({ fullName, duration }) => ({
      name: `${testOf(name)}: ${fullName}`,
      seconds: (duration ?? 0) / 1000,
    })),
  ),
})

/** Playwright's report: suites in suites, each test with its tries. */
const specsIn = ({ specs = [], suites = [] }) => [...specs, ...suites.flatMap(specsIn)]
const nameOf = ({ file, title }) => `e2e/${file}: ${title}`
const readBrowser = ({ stats, suites }) => ({
  good: stats.expected + stats.flaky,
  bad: stats.unexpected,
  took: specsIn({ suites }).map((spec) => ({
    name: nameOf(spec),
    seconds:
      spec.tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration, 0) / 1000,
  })),
  unsteady: specsIn({ suites })
    .filter(({ tests: tries }) => tries.some(({ status }) => status === 'flaky'))
    .map(nameOf),
})

/** No test of the unit stage may hold up the check for ever. */
const UNIT_MINUTES = 25

async function unitTests() {
  console.log('\n== unit and property tests')
  const { bundleTests, JEST, testOf } = await import('./bundle-tests.mjs')
  const isBundled = await bundleTests().catch((error) => console.error(error.message))
  const report = join(reports, 'unit.json')
  const status = isBundled
    ? run(process.execPath, [...JEST, '--json', `--outputFile=${report}`, '--silent'], {
        stdio: ['ignore', 'ignore', 'inherit'],
        env,
        timeout: UNIT_MINUTES * 60_000,
      })
    : 1
  count(report, (said) => readUnit(said, testOf), status)
}

function browserTests() {
  console.log('\n== browser tests')
  const report = join(reports, 'browser.json')
  const status = run(process.execPath, [bin('@playwright/test/cli.js'), 'test'], {
    env: { ...env, CI: 'true', UPLANDS_REPORT: report },
  })
  count(report, readBrowser, status)
}

await stage('set-up', () => {
  setUp()
  installChromium()
})
if (isWhole) console.log(`Generators try the whole, from seed ${seed}.`)
const isBuilt = await stage('types, lint, format, build', async () => {
  const { LINT } = await import('./lint.mjs')
  const build = steps(['build', [bin('vite/bin/vite.js'), 'build', '--logLevel', 'warn']])
  await steps(['types', [join(root, 'scripts/types.mjs')]], ...LINT)
  return build
})
await stage('unit and property tests', unitTests)
if (isBuilt) await stage('browser tests', browserTests)

rmSync(reports, { recursive: true, force: true })
const said = ({ name, seconds }) => `${seconds.toFixed(1).padStart(7)} s  ${name}`
const slowest = tests.sort((a, b) => b.seconds - a.seconds).slice(0, 10)
console.log(['\nThe ten slowest tests:', ...slowest.map(said)].join('\n'))
if (unsteady.length > 0) console.log(['\nPassed at the second try only:', ...unsteady].join('\n   '))
console.log(['\nStages:', ...stages.map(said)].join('\n'))
const { code, tests: testLines } = countLines(root)
console.log(`\nTests are ${testLines} of ${code} code lines, ${Math.round((100 * testLines) / code)} %.`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
