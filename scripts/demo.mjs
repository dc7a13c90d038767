// Sets up, builds, serves and opens the application, which begins with the demo jobs.
import { run, setUp } from './setup.mjs'

setUp()
const built = run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', '--logLevel', 'warn'])
if (built !== 0) process.exit(built)
process.exit(
  run(process.execPath, [
    '--import',
    import.meta.resolve('tsx'),
    'server/index.ts',
    '--open',
    ...process.argv.slice(2),
  ]),
)
