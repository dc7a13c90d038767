import { parseArgs } from 'node:util'
import open from 'open'
import { BUILT, isBuilt, makeApp } from './app'
import { listen } from './listen'

const { values } = parseArgs({
  options: { port: { type: 'string', default: '4173' }, open: { type: 'boolean', default: false } },
})
if (!isBuilt(BUILT)) {
  console.error('The application is not built yet. Run npm run demo.')
  process.exit(1)
}
const { address } = await listen(makeApp(BUILT), Number(values.port))
console.log(`Uplands is at ${address} (stop with Ctrl C)`)
const hasScreen = process.platform !== 'linux' || Boolean(process.env.DISPLAY ?? process.env.WAYLAND_DISPLAY)
if (values.open && hasScreen && !process.env.CI) await open(address).catch(() => undefined)
