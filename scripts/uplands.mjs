// The command line: sets the project up if need be, then hands over to uplands.ts.
import { fileURLToPath } from 'node:url'
import { run, setUp } from './setup.mjs'

setUp()
const script = fileURLToPath(new URL('uplands.ts', import.meta.url))
process.exit(
  run(process.execPath, ['--import', import.meta.resolve('tsx'), script, ...process.argv.slice(2)], {
    cwd: process.cwd(),
  }),
)
