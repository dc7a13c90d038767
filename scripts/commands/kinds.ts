import { randomUUID } from 'node:crypto'
import { writeJob } from '../../core/keep'
import { KINDS, makeJob, type KindInput } from '../../core/kinds'
import { readArguments } from './arguments'
import { refuse } from './refuse'
import { writeText } from './write-answer'

const told = (input: KindInput): object => {
  const { name, unit, meaning } = input
  const byDefault = { default: input.default, meaning }
  if (input.unit === 'choice') return { name, unit, choices: input.choices, ...byDefault }
  if (input.unit === 'text') return { name, unit, most: input.most, ...byDefault }
  return { name, unit, least: input.least, most: input.most, ...byDefault }
}

/** Prints every kind with its numbers. */
export function runKinds(): void {
  const kinds = KINDS.map(({ kind, title, numbers }) => ({ kind, title, numbers: numbers.map(told) }))
  console.log(JSON.stringify(kinds, null, 2))
}

/** Names and values, as they were typed. */
function pairsOf(pieces: string[], usage: string): Record<string, string> {
  const pairs = pieces.map((piece) => piece.split(/=(.*)/s).slice(0, 2))
  const wrong = pieces.find((_, i) => pairs[i].length < 2 || pairs[i][0] === '')
  if (wrong !== undefined) refuse(`“${wrong}” is no name=value. ${usage}`)
  return Object.fromEntries(pairs) as Record<string, string>
}

/** Writes a job for a kind of box. */
export function runMake(args: string[], usage: string): void {
  const parsed = readArguments(args, usage, { out: { type: 'string' } })
  const [kind, ...pieces] = parsed.positionals
  const { out } = parsed.values
  if (!kind || !out) return refuse(usage)
  const made = makeJob(kind, pairsOf(pieces, usage), `made-${randomUUID()}`, new Date().toISOString())
  if (!made.ok) return refuse(made.error)
  writeText(out, writeJob(made.job))
}
