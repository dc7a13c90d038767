import { parseArgs, type ParseArgsConfig } from 'node:util'
import { refuse } from './refuse'

/** What a command was called with; or its usage, where that cannot be read. */
export function readArguments<Options extends NonNullable<ParseArgsConfig['options']>>(
  args: string[],
  usage: string,
  options: Options,
) {
  try {
    return parseArgs({ args, allowPositionals: true, options })
  } catch (error) {
    return refuse(`${(error as Error).message.split('\n')[0]} ${usage}`)
  }
}
