// Prints speeds and ratios of one run; fails where a limit that is promised does not hold. Sets itself up
// and builds first.
import { fileURLToPath } from 'node:url'
import { run, setUp } from './setup.mjs'

setUp()
if (run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', '--logLevel', 'warn']) !== 0)
  process.exit(1)
process.exit(
  run(process.execPath, [
    '--import',
    import.meta.resolve('tsx'),
    fileURLToPath(new URL('bench.ts', import.meta.url)),
    ...process.argv.slice(2),
  ]),
)
