import { describe, expect, test } from '@jest/globals'
import { ESLint } from 'eslint'
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { codeFiles } from './code-lines.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const read = (name: string): string => readFileSync(new URL(`../${name}`, import.meta.url), 'utf8')

describe('lint keeps the arrows', () => {
  const complaints = async (file: string, code: string): Promise<string[]> => {
    const [{ messages }] = await new ESLint({ cwd: root }).lintText(code, {
      filePath: fileURLToPath(new URL(`../${file}`, import.meta.url)),
    })
    return messages.map(({ ruleId }) => ruleId ?? 'error')
  }
  test.each([
    ['core/length/x.ts', "import { makeShell } from '../box'\nexport const y = makeShell\n"],
    ['core/box/x.ts', "import { share } from '../geometry/clip'\nexport const y = share\n"],
    ['core/box/x.ts', "import { ref } from 'vue'\nexport const y = ref\n"],
    ['core/job/x.ts', "import { readFileSync } from 'node:fs'\nexport const y = readFileSync\n"],
    ['web/parts/x.ts', "import { useJob } from '@web/stores/job'\nexport const y = useJob\n"],
    ['web/data/x.ts', "import { useJob } from '@web/stores/job'\nexport const y = useJob\n"],
    ['web/stores/x.ts', "import { FIELDS } from '@web/shell/fields'\nexport const y = FIELDS\n"],
    ['web/stations/cut/x.ts', "import { FIELDS } from '@web/shell/fields'\nexport const y = FIELDS\n"],
    ['server/x.ts', "import { y } from '@web/parts/y'\nexport const z = y\n"],
  ])('%s may not: %s', async (file, code) =>
    expect(await complaints(file, code)).toContain('no-restricted-imports'),
  )
  const lines = (count: number): string =>
    `export function long(): number {\n  let y = 0\n${'  y++\n'.repeat(count)}  return y\n}\n`
  test('a function of 80 lines is the longest, and one of 25 ways the most tangled', async () => {
    expect(await complaints('core/kerf/x.ts', lines(70))).toEqual([])
    expect(await complaints('core/kerf/x.ts', lines(90))).toContain('max-lines-per-function')
    const ways = Array.from({ length: 30 }, (_, i) => `  if (y === ${i}) return ${i + 1}\n`).join('')
    const tangled = `export function many(y: number): number {\n${ways}  return y\n}\n`
    expect(await complaints('core/kerf/x.ts', tangled)).toContain('complexity')
  })
  test('a file that imports what imports it is a circle', async () => {
    const own = "import { summarise } from './index'\nexport const y = summarise\n"
    expect(await complaints('core/statistics/summary.ts', own)).toContain('import-x/no-cycle')
  })
  test('downwards is fine', async () =>
    expect(
      await complaints('core/box/x.ts', "import { area } from '../geometry'\nexport const y = area\n"),
    ).toEqual([]))
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
