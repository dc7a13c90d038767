// Makes sure that the packages of package-lock.json are installed. Needs nothing but Node.js and npm.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

const root = new URL('..', import.meta.url)
const stamp = new URL('node_modules/.installed', root)
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'

export function setUp() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Uplands needs Node.js 20.19 or later; this is ${process.versions.node}.`)
    process.exit(1)
  }
  const wanted = createHash('sha256')
    .update(readFileSync(new URL('package-lock.json', root)))
    .digest('hex')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  console.error('Installing packages…')
  const { status } = spawnSync(npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: fileURLToPath(root),
    stdio: ['ignore', 2, 2],
    shell: process.platform === 'win32',
  })
  if (status !== 0) {
    console.error('The packages could not be installed. Is the npm registry reachable?')
    process.exit(1)
  }
  writeFileSync(stamp, wanted)
}

/** Runs a command of the project and hands on its exit code; stops the script when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: fileURLToPath(root),
    stdio: 'inherit',
    ...options,
  })
  if (error) console.error(error.message)
  return status ?? 1
}
