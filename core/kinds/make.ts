import { emptyJob, FIRST_THING, type Job } from '../job'
import { newStock } from '../stock'
import { deriveThings, settleJob } from '../derive'
import { problemSentence } from '../box'
import { IN_METRIC, parseLength, type Say } from '../length'
import { houseBox, lectern, lengthsBox, polygonBox, taperedPlanter } from './angled'
import { boltedCase } from './bolted-case'
import { bentBox, bookCase } from './bent-box'
import { bottleStand } from './bottle-stand'
import { plainBox } from './box'
import { boxSet } from './box-set'
import { cabinet } from './cabinet'
import { cardRack } from './card-rack'
import { dividedTray } from './divided-tray'
import { fileBox } from './file-box'
import { footedTray } from './footed-tray'
import { liddedBox } from './lidded-box'
import { cappedBox, splitBox, trayInBox } from './pairs'
import { slidingBox } from './sliding-box'
import { thingsTray } from './things-tray'
import { TAB, THICKNESS, type Kind, type KindInput, type KindNumber, type KindValues } from './kind'

/** Every kind that can be made from a few numbers. */
export const KINDS: Kind[] = [
  plainBox,
  dividedTray,
  thingsTray,
  cardRack,
  fileBox,
  footedTray,
  boltedCase,
  slidingBox,
  liddedBox,
  bentBox,
  bookCase,
  polygonBox,
  taperedPlanter,
  lengthsBox,
  lectern,
  houseBox,
  cappedBox,
  splitBox,
  trayInBox,
  cabinet,
  boxSet,
  bottleStand,
]

/** What a kind makes of a job: its box, or its boxes and how they stand in each other. */
export function asKind<J extends Pick<Job, 'thing' | 'copies' | 'box' | 'also' | 'whole'>>(
  job: J,
  kind: Kind,
  values: KindValues,
): J {
  const box = kind.make(values)
  const whole = kind.whole?.(values) ?? null
  const other = kind.other?.(values)
  if (!whole) return job.whole ? { ...job, box, whole, copies: 1, also: [] } : { ...job, box }
  return {
    ...job,
    thing: FIRST_THING,
    copies: 1,
    box,
    also: other ? [{ id: 'b', name: FIRST_THING.name, copies: 1, box: other }] : [],
    whole,
  }
}

export type KindResult = { ok: true; job: Job } | { ok: false; error: string }
const refused = (error: string): KindResult => ({ ok: false, error })

/** A value as it was typed; a sentence where it cannot be used. */
function valueOf(input: KindInput, typed: string): number | { error: string } | string {
  if (input.unit === 'choice')
    return input.choices.includes(typed)
      ? typed
      : { error: `“${typed}” cannot be ${input.name}. Use one of ${input.choices.join(', ')}.` }
  if (input.unit === 'text') return typed
  const parsed = parseLength(typed, 'mm')
  if (!parsed.ok) return { error: `${input.name}: ${parsed.error}` }
  const { value } = parsed
  if (input.unit === 'count' && !Number.isInteger(value))
    return { error: `${input.name} is a whole number, such as ${input.default}.` }
  if (value < input.least || value > input.most)
    return { error: `${input.name} is from ${input.least} to ${input.most}; ${typed} was given.` }
  return value
}

/** Values as they were typed, the others as they are by default. */
function valuesOf(kind: Kind, typed: Record<string, string>): KindValues | { error: string } {
  const unknown = Object.keys(typed).find((name) => !kind.numbers.some((input) => input.name === name))
  if (unknown !== undefined) {
    const known = kind.numbers.map(({ name }) => name).join(', ')
    return { error: `${kind.kind} has no “${unknown}”. Its numbers are ${known}.` }
  }
  const values: KindValues = {}
  for (const input of kind.numbers) {
    const given = typed[input.name]
    const value = given === undefined ? input.default : valueOf(input, given)
    if (typeof value === 'object') return value
    values[input.name] = value
  }
  return values
}

/**
 * A job for a kind of box. The sheet has the thickness that was said, from its label: it is measured later.
 * @param typed values by name, as they were typed; what is missing is as it is by default
 */
export function makeJob(name: string, typed: Record<string, string>, id: string, on: string): KindResult {
  const kind = KINDS.find((each) => each.kind === name)
  if (!kind) {
    return refused(
      `The kind “${name}” is not known. Use one of ${KINDS.map((each) => each.kind).join(', ')}.`,
    )
  }
  const values = valuesOf(kind, typed)
  if ('error' in values) return refused(String(values.error))
  const thickness = Number(values.thickness)
  const empty = emptyJob(id, kind.title, on)
  const stock = { ...newStock(`${id}-stock`, `Sheet ${thickness}`), nominal: thickness }
  const bare: Job = { ...empty, measure: { ...empty.measure, stock } }
  return settledAs(bare, kind, values, IN_METRIC)
}

/** A job as a kind makes it, its figures settled; one sentence where it cannot be made. */
export function settledAs(bare: Job, kind: Kind, values: KindValues, say: Say): KindResult {
  const refusal = kind.refuses?.(values)
  if (refusal) return refused(refusal)
  const settled = settleJob(asKind(bare, kind, values), say)
  if (!settled.ok) return refused(settled.error)
  const { job } = settled
  const problem = deriveThings(job).flatMap(({ box }) => box.problems)[0]
  return problem ? refused(problemSentence(problem, say)) : { ok: true, job }
}

/** Values of a kind as they are by default, for a sheet of that thickness, mm. */
export const defaultsOf = ({ numbers }: Kind, thickness: number): KindValues => ({
  ...Object.fromEntries(numbers.map((input) => [input.name, input.default])),
  thickness,
})

/** How large it is: the three figures that are asked for first. */
export function sizesOf({ numbers }: Kind): KindNumber[] {
  const lengths = numbers.filter((input): input is KindNumber => input.unit === 'mm')
  const outer = lengths.filter(({ name }) => ['width', 'depth', 'height'].includes(name))
  if (outer.length === 3) return outer
  const own = numbers.filter(
    (input): input is KindNumber => 'least' in input && input !== TAB && input !== THICKNESS,
  )
  return own.slice(0, 3)
}
