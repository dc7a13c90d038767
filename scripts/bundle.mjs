// Puts the command line into a few files of plain JavaScript, once for each state of the code: a command
// then starts without compiling anything, and loads no more than it asks for.
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

const at = (path) => fileURLToPath(new URL(`../${path}`, import.meta.url))
const HOME = at('node_modules/.uplands')
const SOURCES = ['core', 'scripts/commands', 'scripts/uplands.ts', 'scripts/bundle.mjs', 'package-lock.json']

/** Every source file below a path, with its size and when it was written. */
function stateOf(path) {
  const about = statSync(path)
  if (!about.isDirectory()) return `${path} ${about.mtimeMs} ${about.size}\n`
  return readdirSync(path)
    .filter((name) => !/\.(test\.ts|json)$/.test(name))
    .map((name) => stateOf(`${path}/${name}`))
    .join('')
}

async function make(into) {
  const { rolldown } = await import('rolldown')
  const own = `${HOME}/making-${process.pid}`
  const bundle = await rolldown({
    input: { uplands: at('scripts/uplands.ts') },
    platform: 'node',
    treeshake: { moduleSideEffects: [{ test: /[/\\]core[/\\]/, sideEffects: false }] },
  })
  await bundle.write({ dir: own, format: 'es', entryFileNames: '[name].mjs', chunkFileNames: '[name].mjs' })
  await bundle.close()
  if (existsSync(into)) return rmSync(own, { recursive: true })
  renameSync(own, into)
  for (const name of readdirSync(HOME))
    if (`${HOME}/${name}` !== into) rmSync(`${HOME}/${name}`, { recursive: true, force: true })
}

/** Where the command line is, made anew where the code has changed. */
export async function bundled() {
  const state = SOURCES.map((path) => stateOf(at(path))).join('')
  const into = `${HOME}/${createHash('sha256').update(state).digest('hex').slice(0, 16)}`
  if (!existsSync(into)) {
    mkdirSync(HOME, { recursive: true })
    await make(into)
  }
  return `${into}/uplands.mjs`
}
