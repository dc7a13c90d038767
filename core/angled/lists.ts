import { parseLength, type LengthUnit } from '../length'
import { MOST_PARTITIONS, partitionSchema, type Partition } from './partition'

/** Words between commas or semicolons; where there are none, between spaces. */
const wordsOf = (typed: string): string[] =>
  typed
    .split(/[,;]/.test(typed) ? /[,;]/ : /\s+/)
    .map((word) => word.trim())
    .filter(Boolean)

function listed(typed: string, read: (word: string) => number): number[] | null {
  const values = wordsOf(typed).map(read)
  return values.length > 0 && values.every(Number.isFinite) ? values : null
}

/** Lengths as they are typed one after another, mm; null where one of them cannot be read. */
export const readLengths = (typed: string, unit: LengthUnit): number[] | null =>
  listed(typed, (word) => {
    const parsed = parseLength(word, unit)
    return parsed.ok ? parsed.value : NaN
  })

/** Angles as they are typed one after another, degrees; null where one of them cannot be read. */
export const readAngles = (typed: string): number[] | null =>
  listed(typed, (word) => Number(word.replace(/°$/, '').replace('−', '-')))

const PAIR = /^(\d+)(?:@(\d+))?\s*[-–]\s*(\d+)(?:@(\d+))?$/

/** Dividers as they are typed: `1-4` from middle to middle, `1@30-4@30` at so many per cent along. */
export function readPartitions(typed: string): Partition[] | null {
  if (typed.trim() === '') return []
  const found = typed.split(/[,;]/).map((word) => {
    const match = PAIR.exec(word.trim())
    if (!match) return null
    const [, from, fromAt, to, toAt] = match
    const end = (wall: string, at?: string) => ({
      wall: Number(wall),
      share: at === undefined ? 0.5 : Number(at) / 100,
    })
    return { from: end(from, fromAt), to: end(to, toAt) }
  })
  const all = found.flatMap((each) => each ?? [])
  const isValid = all.every(({ from, to }) => partitionSchema.safeParse({ from, to }).success)
  return all.length === found.length && all.length <= MOST_PARTITIONS && isValid ? all : null
}

export const partitionsText = (partitions: Partition[]): string => {
  const end = ({ wall, share }: Partition['from']): string =>
    share === 0.5 ? String(wall) : `${wall}@${Math.round(share * 100)}`
  return partitions.map(({ from, to }) => `${end(from)}-${end(to)}`).join(', ')
}
