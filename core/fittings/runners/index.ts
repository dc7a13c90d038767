import { z } from 'zod'
import type { Block } from '../../assembly'
import { roundLength } from '../../joints'
import type { FittingKind } from '../fitting'
import { LIES, partOf, type AddedPart } from '../shell'

const schema = z.strictObject({
  type: z.literal('runners'),
  /** Heights of the rows between them, how high they are, and how far they end before the rim, mm. */
  rows: z.array(z.number().min(1).max(5000)).min(2).max(40),
  high: z.number().min(1).max(200),
  setBack: z.number().min(0).max(2000),
})

/** Strips on the sides of every column, for drawers to run on. */
export const runners: FittingKind<z.infer<typeof schema>> = {
  type: 'runners',
  title: 'runners for drawers',
  words: 'runner drawer strips cabinet',
  schema,
  of: 'whole',
  fields: [],
  begin: (spec) => ({ type: 'runners', rows: [spec.depth / 2, spec.depth / 2], high: 6, setBack: 0 }),
  make({ rows, high, setBack }, { room, materials, outer, columns }) {
    const thick = materials.mean.dividers
    let reached = room.min.y
    const heights = rows.slice(0, -1).map((row): [number, number] => {
      const from = roundLength(reached + row)
      reached = roundLength(from + high)
      return [from, reached]
    })
    const added = columns.flatMap(([left, right], column) => {
      const mates = [column === 0 ? 'left' : `column-${column}`, `column-${column + 1}`]
      if (column === columns.length - 1) mates[1] = 'right'
      const places: [number, number][] = [
        [left, left + thick],
        [right - thick, right],
      ]
      return heights.flatMap(([from, to], row) =>
        places.map(([low, end], side): AddedPart => {
          const block: Block = {
            min: { x: roundLength(low), y: from, z: room.min.z },
            max: { x: roundLength(end), y: to, z: roundLength(outer.z - setBack) },
          }
          const name = `runner ${column + 1}-${row + 1} ${side === 0 ? 'left' : 'right'}`
          const about = {
            id: name.replaceAll(' ', '-'),
            label: name,
            thickness: thick,
            thickest: materials.thickest.dividers,
          }
          const area = (to - from) * (block.max.z - block.min.z)
          const lie = LIES[side === 0 ? 'left' : 'right']
          return { part: partOf(about, lie, block, outer), contact: { parts: [mates[side], about.id], area } }
        }),
      )
    })
    return { added }
  },
}
