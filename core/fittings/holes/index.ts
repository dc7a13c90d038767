import { z } from 'zod'
import { onPart, type Size } from '../../assembly'
import { disc } from '../../geometry'
import { problemOf, through, type FittingKind } from '../fitting'

/** A row of equal things: their diameter where they are held, and where they are widest. */
export const holeRowSchema = z.strictObject({
  count: z.number().int().min(1).max(40),
  lip: z.number().min(1).max(500),
  widest: z.number().min(1).max(500),
})
export type HoleRow = z.infer<typeof holeRowSchema>

const schema = z.strictObject({
  type: z.literal('holes'),
  /** Added to the diameter of what stands there. */
  play: z.number().min(0).max(20),
  rows: z.array(holeRowSchema).min(1).max(20),
})
type Holes = z.infer<typeof schema>

/** What is left of a floor between two holes, in thicknesses. [FM] */
const WEB = 1
const ROW: HoleRow = { count: 4, lip: 20, widest: 24 }

/** How much room there is for each hole of every row, from middle to middle, mm. */
const pitches = (rows: { count: number }[], inner: Pick<Size, 'x' | 'y'>): number[] =>
  rows.map(({ count }) => Math.min(inner.x / count, inner.y / rows.length))

/** Rows of things that would touch each other where they are widest, counted from 1. */
export function crowdedRows({ rows }: Holes, inner: Pick<Size, 'x' | 'y'>): number[] {
  return rows.flatMap(({ count, widest }, i) => {
    const next = rows[i + 1]?.widest ?? 0
    const beside = count > 1 && widest > inner.x / count
    const behind = next > 0 && (widest + next) / 2 > inner.y / rows.length
    return beside || behind ? [i + 1] : []
  })
}

/** Rows of round holes in the floor, for what stands in a box upside down. */
export const holes: FittingKind<Holes> = {
  type: 'holes',
  title: 'round holes in the floor',
  words: 'holes bottle vial tube pen stand rack',
  schema,
  of: 'box',
  fields: [{ kind: 'length', key: 'play', at: 'hole-play', label: 'Play of the holes', step: 0.1 }],
  begin: () => ({ type: 'holes', play: 0.6, rows: [ROW] }),
  // Every row shares out the width evenly, and the rows the depth.
  features({ rows, play }, { room }, part) {
    if (part.id !== 'floor') return []
    const field = onPart(part.frame, room)
    const share = (low: number, high: number, i: number, of: number): number =>
      low + ((high - low) * (i + 0.5)) / of
    return rows.flatMap(({ count, lip }, row) => {
      const y = share(field.minY, field.maxY, row, rows.length)
      return Array.from({ length: count }, (_, i) =>
        through('hole', disc({ x: share(field.minX, field.maxX, i, count), y }, (lip + play) / 2)),
      )
    })
  },
  problems({ rows, play }, { t, inner }) {
    const room = pitches(rows, inner)
    return rows.flatMap(({ lip }, i) => {
      const most = room[i] - WEB * t.floor
      return lip + play > most ? [problemOf('holes', 'holes', 'meet', { row: i + 1, most })] : []
    })
  },
  sentences: {
    meet: ({ row, most }, say) =>
      `The holes of row ${row} would meet each other or the walls: they have room for ` +
      `${say.short(Math.max(0, most), 1)} each. Make the stand larger, or stand fewer in it.`,
  },
}
