import type { DrawnLine } from '../geometry'

/** Artwork as it was found in a file: in the file's own unit, y up, wherever it lies. */
export interface RawArt {
  /** What one unit is, mm; null where the file does not say. */
  mm: number | null
  /** By colour or by layer. */
  groups: Map<string, DrawnLine[]>
  notes: Set<string>
}

/** Adds lines to those of their colour or layer. */
export function addLines({ groups }: RawArt, name: string, lines: DrawnLine[]): void {
  const known = groups.get(name)
  if (!known) groups.set(name, lines)
  else for (const line of lines) known.push(line)
}

/** Why a file is refused, in one sentence. */
export class Refusal extends Error {}
