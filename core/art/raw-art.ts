import type { DrawnLine } from '../geometry'
import { rawArt as words } from './words'

/** What lines are sorted by: their colour or layer, and whether they go round an area that is filled. */
export interface GroupKey {
  colour: string
  isFilled: boolean
}

interface RawGroup extends GroupKey {
  lines: DrawnLine[]
}

/** Artwork as it was found in a file: in the unit that the file says its size in, y up, wherever it lies. */
export interface RawArt {
  /** What one unit is, mm; null where the file does not say. */
  mm: number | null
  /** By colour or by layer, areas and lines apart. */
  groups: Map<string, RawGroup>
  notes: Set<string>
}

/** Points that are read of a file before they are made fewer: more is no drawing for a box. */
const MOST_RAW = 800_000
const counts = new WeakMap<RawArt, number>()

/** Adds lines to those of their colour or layer; refuses what would be too many, while it still comes in. */
export function addLines(art: RawArt, key: GroupKey, lines: DrawnLine[]): void {
  const count = lines.reduce((sum, { points }) => sum + points.length, counts.get(art) ?? 0)
  counts.set(art, count)
  if (count > MOST_RAW) throw new Refusal(words.drawingOverPlaces(MOST_RAW))
  const name = `${key.colour} ${key.isFilled ? 'filled' : 'lines'}`
  const known = art.groups.get(name)
  if (!known) art.groups.set(name, { ...key, lines: [...lines] })
  else for (const line of lines) known.lines.push(line)
}

/** Why a file is refused, in one sentence. */
export class Refusal extends Error {}
