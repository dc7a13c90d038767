import { EXPORT_USAGE, runExport } from './commands/export'
import { MAKE_USAGE, runKinds, runMake } from './commands/kinds'
import { LAYOUT_USAGE, runLayout } from './commands/layout'
import { refuse } from './commands/refuse'
import { REHEARSE_USAGE, runRehearse } from './commands/rehearse'

const CALL = 'npm run --silent uplands --'
const usage = (of: string): string => `Usage: ${CALL} ${of}`

const [command, ...args] = process.argv.slice(2)
switch (command) {
  case 'export':
    await runExport(args, usage(EXPORT_USAGE))
    break
  case 'kinds':
    runKinds()
    break
  case 'make':
    runMake(args, usage(MAKE_USAGE))
    break
  case 'layout':
    runLayout(args, usage(LAYOUT_USAGE))
    break
  case 'rehearse':
    runRehearse(args, usage(REHEARSE_USAGE))
    break
  default:
    refuse(usage(['kinds', MAKE_USAGE, EXPORT_USAGE, LAYOUT_USAGE, REHEARSE_USAGE].join(' | ')))
}
