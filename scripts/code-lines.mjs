// Counts lines of code that are not blank, and how many of them are tests.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const SKIPPED = new Set(['node_modules', 'dist', '.git', 'test-results', 'playwright-report', 'docs'])

/** Every file of code below a folder. */
export function* codeFiles(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.isDirectory()) {
      if (!SKIPPED.has(entry.name)) yield* codeFiles(join(folder, entry.name))
    } else if (/\.(ts|vue|mjs|js)$/.test(entry.name)) yield join(folder, entry.name)
  }
}
const isTest = (file) => /\.(test|spec)\.ts$|(^|\/)(e2e|testing)\//.test(file.replaceAll('\\', '/'))

/** @returns {{ code: number, tests: number }} */
export function countLines(root) {
  const count = { code: 0, tests: 0 }
  for (const file of codeFiles(root)) {
    const lines = readFileSync(file, 'utf8')
      .split('\n')
      .filter((line) => line.trim() !== '').length
    count.code += lines
    if (isTest(file)) count.tests += lines
  }
  return count
}
