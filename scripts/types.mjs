// Types of everything, in three passes: the core by itself (nothing of a browser or of Node.js), all that is
// no page, and the pages, which see the core by its declarations. The first two are the native compiler's.
import { rmSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { run, setUp } from './setup.mjs'

const at = (path) => fileURLToPath(new URL(`../${path}`, import.meta.url))
const native = at('node_modules/typescript-native/bin/tsc')
const declared = at('node_modules/.uplands-types')
const asDeclarations = [
  ...['--noEmit', 'false', '--declaration', '--emitDeclarationOnly'],
  ...['--rootDir', at('core'), '--outDir', declared],
]

setUp()
rmSync(declared, { recursive: true, force: true })
const results = [
  [native, '-p', at('core'), ...asDeclarations],
  [native, '-p', at('tsconfig.plain.json')],
  [at('node_modules/vue-tsc/bin/vue-tsc.js'), '-p', at('web/tsconfig.pages.json')],
].map((args) => run(process.execPath, args))
process.exit(results.every((status) => status === 0) ? 0 : 1)
