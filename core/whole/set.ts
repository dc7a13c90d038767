import { LIES_IN_USE, shareCells, type BoxSpec } from '../box'
import { withFitting } from '../fittings'
import { roundLength } from '../joints'
import type { BoxSet } from './schema'
import { LEAST, refused, type Member, type Place, type Result } from './types'

const one = <T>(cells: (T | null)[]): (T | null)[] => (cells.length > 0 ? cells : [null])

/** What is in the fronts of all boxes, or what each has by itself. */
const pulledBy =
  ({ pull: { kind, size } }: BoxSet) =>
  ({ fittings }: BoxSpec): BoxSpec['fittings'] =>
    kind === 'none' ? fittings : withFitting(fittings, { type: 'pull', kind, size })

/** Boxes that share out a space, with room to grip between them; equal ones are one member. */
export function arrangeSet(set: BoxSet): Result {
  const { width, depth, height, gap, above } = set
  const rows = shareCells(one(set.rows), depth - 2 * gap, gap)
  if (!rows.ok)
    return refused('rows', { kind: 'cells', cells: 'rows', over: rows.over, room: depth - 2 * gap })
  const pulled = pulledBy(set)
  const members: (Member & { key: string })[] = []
  const places: Place[] = []
  let y = gap
  for (const [row, deep] of rows.widths.entries()) {
    let x = gap
    const own = set.own[row] ?? []
    const field = own.length > 0 ? 'own' : 'columns'
    const columns = shareCells(one(own.length > 0 ? own : set.columns), width - 2 * gap, gap)
    if (!columns.ok)
      return refused(field, { kind: 'cells', cells: 'columns', over: columns.over, room: width - 2 * gap })
    const wanted = set.heights[row] ?? height - above
    if (wanted > height - above + 1e-9)
      return refused('heights', { kind: 'no room', size: 'height', left: height - above })
    for (const wide of columns.widths) {
      const size = { width: roundLength(wide), depth: roundLength(deep), height: roundLength(wanted) }
      const small = (['width', 'depth', 'height'] as const).find((each) => size[each] < LEAST)
      if (small) {
        const at = { width: field, depth: 'rows', height: 'heights' }[small]
        return refused(at, { kind: 'no room', size: small, left: size[small] })
      }
      const key = JSON.stringify(size)
      const fixed = (box: BoxSpec): BoxSpec => ({ ...box, sizesAre: 'outer', ...size, fittings: pulled(box) })
      let member = members.findIndex((each) => each.key === key)
      if (member < 0) member = members.push({ key, name: '', copies: 0, fixed }) - 1
      members[member].copies += 1
      places.push({
        member,
        label: `box ${places.length + 1}`,
        pose: { lie: LIES_IN_USE.upright, at: { x: roundLength(x), y: roundLength(y), z: 0 } },
        group: { way: { axis: 'z', sign: 1 }, range: height },
      })
      x += wide + gap
    }
    y += deep + gap
  }
  const named = members.map(({ copies, fixed }, i): Member => ({
    name: members.length === 1 ? 'box' : `box ${String.fromCharCode(65 + i)}`,
    copies,
    fixed,
  }))
  return { ok: true, arranged: { members: named, places } }
}
