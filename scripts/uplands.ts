import { refuse } from './commands/refuse'
import { USAGE, usage, wholeUsage, type Command } from './commands/usage'

/** Each loads what it needs when it is asked for: "usage" is said at once. */
const COMMANDS: Record<Command, (args: string[], usage: string) => Promise<void> | void> = {
  kinds: async () => (await import('./commands/kinds')).runKinds(),
  make: async (...call) => (await import('./commands/kinds')).runMake(...call),
  table: async (...call) => (await import('./commands/table')).runTable(...call),
  export: async (...call) => (await import('./commands/export')).runExport(...call),
  layout: async (...call) => (await import('./commands/layout')).runLayout(...call),
  believe: async (...call) => (await import('./commands/believe')).runBelieve(...call),
  price: async (...call) => (await import('./commands/price')).runPrice(...call),
  rehearse: async (...call) => (await import('./commands/rehearse')).runRehearse(...call),
}

const [asked = '', ...args] = process.argv.slice(2)
if (!Object.hasOwn(USAGE, asked)) refuse(wholeUsage())
const command = asked as Command
await COMMANDS[command](args, usage(command))
