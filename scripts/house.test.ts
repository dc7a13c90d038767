import { describe, expect, test } from '@jest/globals'
import { execFileSync, spawnSync } from 'node:child_process'
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { codeFiles } from './code-lines.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const codeFilesBelow = (folder: string): string[] => [...codeFiles(join(root, folder))]
const read = (name: string): string => readFileSync(new URL(`../${name}`, import.meta.url), 'utf8')

describe('lint keeps the arrows', () => {
  /** What lint says of files that stand where they say, each with its rules' names. */
  const complaints = (files: Record<string, string>): string[] => {
    const tree = mkdtempSync(join(tmpdir(), 'uplands-lint-'))
    symlinkSync(join(root, 'node_modules'), join(tree, 'node_modules'))
    for (const name of ['oxlint.config.mjs', 'tsconfig.json']) cpSync(join(root, name), join(tree, name))
    for (const [name, code] of Object.entries(files)) {
      mkdirSync(dirname(join(tree, name)), { recursive: true })
      writeFileSync(join(tree, name), code)
    }
    const oxlint = join(root, 'node_modules/oxlint/bin/oxlint')
    const args = [oxlint, '-c', 'oxlint.config.mjs', '-f', 'json', 'core', 'web', 'server']
    const { stdout } = spawnSync(process.execPath, args, { cwd: tree, encoding: 'utf8' })
    rmSync(tree, { recursive: true })
    const { diagnostics } = JSON.parse(stdout) as { diagnostics: { filename: string; code: string }[] }
    return diagnostics.map(({ filename, code }) => `${filename}: ${code.replace(/^.*\((.*)\)$/, '$1')}`)
  }
  const tree = (files: Record<string, string>): Record<string, string> => ({
    'core/index.ts': 'export const nothing = 0\n',
    'web/index.ts': 'export const nothing = 0\n',
    'server/index.ts': 'export const nothing = 0\n',
    ...files,
  })
  const WRONG: [string, string][] = [
    ['core/length/x.ts', "import { makeShell } from '../box'\nexport const y = makeShell\n"],
    ['core/box/x.ts', "import { share } from '../geometry/clip'\nexport const y = share\n"],
    ['core/fittings/rim/x.ts', "import { makeShell } from '../../box'\nexport const y = makeShell\n"],
    ['core/fittings/rim/y.ts', "import { share } from '../../geometry/clip'\nexport const y = share\n"],
    ['core/job/versions/x.ts', "import { y } from '../../keep/a/b'\nexport const z = y\n"],
    ['web/stores/deep.ts', "import { y } from '@web/stations/cut/y'\nexport const z = y\n"],
    ['core/fit/x.ts', "import { ref } from 'vue'\nexport const y = ref\n"],
    ['core/job/x.ts', "import { readFileSync } from 'node:fs'\nexport const y = readFileSync\n"],
    ['web/parts/x.ts', "import { useJob } from '@web/stores/job'\nexport const y = useJob\n"],
    [
      'web/parts/Y.vue',
      '<script setup lang="ts">\nimport { useJob } from \'@web/stores/job\'\nuseJob()\n</script>\n',
    ],
    ['web/data/x.ts', "import { useJob } from '@web/stores/job'\nexport const y = useJob\n"],
    ['web/stores/x.ts', "import { FIELDS } from '@web/shell/fields'\nexport const y = FIELDS\n"],
    ['web/stations/cut/x.ts', "import { FIELDS } from '@web/shell/fields'\nexport const y = FIELDS\n"],
    ['server/x.ts', "import { y } from '@web/parts/y'\nexport const z = y\n"],
  ]
  test('from below to above, into a room, out of the core: none of it', () => {
    const told = complaints(tree(Object.fromEntries(WRONG)))
    expect(told.sort()).toEqual(WRONG.map(([file]) => `${file}: no-restricted-imports`).sort())
  })
  const lines = (count: number): string =>
    `export function long(): number {\n  let y = 0\n${'  y++\n'.repeat(count)}  return y\n}\n`
  const ways = Array.from({ length: 30 }, (_, i) => `  if (y === ${i}) return ${i + 1}\n`).join('')
  test('too long, too tangled, in a circle, a default, a console', () => {
    const told = complaints(
      tree({
        'core/kerf/short.ts': lines(70),
        'core/kerf/long.ts': lines(90),
        'core/kerf/tangled.ts': `export function many(y: number): number {\n${ways}  return y\n}\n`,
        'core/kerf/own.ts': "import { y } from './round'\nexport const x = y\n",
        'core/kerf/round.ts': "import { x } from './own'\nexport const y = x\n",
        'core/kerf/default.ts': 'export default 1\n',
        'core/kerf/says.ts': "export const say = (): void => console.log('')\n",
        'core/box/down.ts': "import { area } from '../geometry'\nexport const y = area\n",
      }),
    )
    expect([...new Set(told)].sort()).toEqual([
      'core/kerf/default.ts: no-default-export',
      'core/kerf/long.ts: max-lines-per-function',
      'core/kerf/own.ts: no-cycle',
      'core/kerf/round.ts: no-cycle',
      'core/kerf/says.ts: no-console',
      'core/kerf/tangled.ts: complexity',
    ])
  })
  test('a page never fetches a room of the core whole: what is wanted of it is said in web/data', () => {
    const whole = codeFilesBelow('web').filter((file) =>
      /\bimport\(\s*['"`]@core/.test(readFileSync(file, 'utf8')),
    )
    expect(whole).toEqual([])
  })
})

test('the lock file holds no download addresses, and Node.js of the engines runs this', () => {
  expect(read('package-lock.json')).not.toMatch(/"resolved"/)
  const [major, minor] = process.versions.node.split('.').map(Number)
  expect(major > 20 || (major === 20 && minor >= 19)).toBe(true)
})
test('no line needs scrolling, but for class lists, path data and a few patterns', () => {
  const long = [...codeFiles(root)].flatMap((file) =>
    readFileSync(file, 'utf8')
      .split('\n')
      .filter((line) => line.length > 110 && !/class="|:d="|:transform="|:aria-label="/.test(line))
      .map((line) => `${file}: ${line.trim().slice(0, 60)}`),
  )
  expect(long.length).toBeLessThan(12)
})
test('every picture that the README links is there, and none is there that it does not link', () => {
  const linked = new Set(
    [...read('README.md').matchAll(/docs\/screenshots\/([\w-]+\.png)/g)].map(([, name]) => name),
  )
  const kept = execFileSync('ls', ['docs/screenshots'], { cwd: root, encoding: 'utf8' }).trim().split('\n')
  expect([...linked].sort()).toEqual(kept.sort())
  expect(kept.length).toBeLessThan(20)
})
