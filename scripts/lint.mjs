// The rules that the whole project keeps to, one after another: `npm run lint`, and the check.
import { spawnSync } from 'node:child_process'
import { resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const bin = (path) => resolve(root, 'node_modules', path)

/** What each is called, and what Node.js is to run. */
export const LINT = [
  ['lint', [bin('oxlint/bin/oxlint'), '-c', 'oxlint.config.mjs', '--deny-warnings', '.']],
  ['lint of pages', [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0']],
  [
    'exports that nobody takes',
    [bin('knip/bin/knip.js'), '--include', 'exports,types,files', '--no-config-hints'],
  ],
  ['format', [bin('oxfmt/bin/oxfmt'), '--check', '.']],
]

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const isGood = LINT.every(([name, args]) => {
    console.log(`== ${name}`)
    return spawnSync(process.execPath, args, { cwd: root, stdio: 'inherit' }).status === 0
  })
  process.exit(isGood ? 0 : 1)
}
