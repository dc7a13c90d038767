import { FORMATS } from '../../core/plan/formats'

const CALL = 'npm run --silent uplands --'

/** What each command is called with. */
export const USAGE = {
  kinds: 'kinds',
  make: 'make KIND name=value … --out JOB.json',
  table: 'table JOB.json ROWS.csv --out MADE.json',
  export: `export JOB.json --out DIR --format ${FORMATS.join(',')} --paper A4`,
  layout: 'layout TASK.json --out LAYOUT.json --seconds N --seed S',
  believe: 'believe FILE.json --job NAME --at SPEED,POWER,PASSES --out BELIEF.json',
  price: 'price FILE.json --job NAME --boxes 1,10,100 --out PRICE.json',
  rehearse: 'rehearse JOB.json --seed S --laser any|mine --out CUT.json',
} as const
export type Command = keyof typeof USAGE

export const usage = (of: Command): string => `Usage: ${CALL} ${USAGE[of]}`
export const wholeUsage = (): string => `Usage: ${CALL} ${Object.values(USAGE).join(' | ')}`
