// Puts the unit tests into plain JavaScript, a file a test and what several share in files of their own:
// the runner then compiles nothing, and each worker loads the core once instead of once a test.
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, relative, resolve } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { rolldown } from 'rolldown'

const root = fileURLToPath(new URL('..', import.meta.url))
export const BUNDLED = resolve(root, 'node_modules/.uplands-tests')
/** The folders that hold tests. */
export const SOURCES = ['core', 'web', 'server', 'scripts']

/** Every test below the folders of the project, by its path without an ending. */
const testFiles = () =>
  Object.fromEntries(
    SOURCES.flatMap((folder) => readdirSync(resolve(root, folder), { recursive: true, withFileTypes: true }))
      .filter((entry) => entry.isFile() && entry.name.endsWith('.test.ts'))
      .map(({ parentPath, name }) => resolve(parentPath, name))
      .map((file) => [relative(root, file).slice(0, -'.ts'.length).replaceAll('\\', '/'), file]),
  )

/** What the runner puts in the global place, as the module that tests import it from. */
const GLOBALS = `export const {
  afterAll, afterEach, beforeAll, beforeEach, describe, expect, test, jest = import.meta.jest
} = globalThis`

/** What a test sees as it would in its own place: its globals, a file as text, and where it is. */
const asInPlace = {
  name: 'as-in-place',
  resolveId(id, from) {
    if (id === '@jest/globals') return 'virtual:jest'
    if (id.endsWith('?raw')) return resolve(dirname(from), id)
  },
  load(id) {
    if (id === 'virtual:jest') return GLOBALS
    if (id.endsWith('?raw')) {
      return `export default ${JSON.stringify(readFileSync(id.slice(0, -'?raw'.length), 'utf8'))}`
    }
  },
  transform(code, id) {
    if (!code.includes('import.meta.url')) return
    return { code: code.replaceAll('import.meta.url', JSON.stringify(pathToFileURL(id).href)), map: null }
  },
}

const isPackage = (id) => !/^(\.|\/|[A-Z]:|@core\/|@web\/|@jest\/globals$|virtual:)/.test(id)
const fingerprint = (file) => createHash('sha256').update(readFileSync(file)).digest('hex')

/**
 * Bundles all tests into `BUNDLED`.
 * @returns {Promise<string[]>} where those are whose code differs from what was there before
 */
export async function bundleTests() {
  const input = testFiles()
  const own = `${BUNDLED}-${process.pid}`
  const bundle = await rolldown({
    input,
    cwd: root,
    platform: 'node',
    external: isPackage,
    tsconfig: resolve(root, 'tsconfig.json'),
    treeshake: false,
    plugins: [asInPlace],
  })
  const names = { entryFileNames: '[name].mjs', chunkFileNames: 'shared/[name]-[hash].mjs' }
  await bundle.write({ dir: own, format: 'es', sourcemap: true, ...names })
  await bundle.close()
  const at = (home, name) => resolve(home, `${name}.mjs`)
  const isOther = (name) =>
    !existsSync(at(BUNDLED, name)) || fingerprint(at(BUNDLED, name)) !== fingerprint(at(own, name))
  const changed = Object.keys(input).filter(isOther)
  rmSync(BUNDLED, { recursive: true, force: true })
  renameSync(own, BUNDLED)
  return changed.map((name) => at(BUNDLED, name))
}

/** What a test is called by where its bundle is. */
export const testOf = (file) => `${relative(BUNDLED, file).slice(0, -'.mjs'.length)}.ts`

/** The runner, as Node.js is to start it: what it prints names lines of the sources. */
export const JEST = [
  '--experimental-vm-modules',
  '--enable-source-maps',
  '--no-warnings',
  resolve(root, 'node_modules/jest/bin/jest.js'),
]
