import { boltsOf, type Box } from '../box'
import { kindOfFitting, type Bought } from '../fittings'

/** Things alike are one line. */
function together(list: Bought[]): Bought[] {
  const found = new Map<string, Bought>()
  for (const each of list) {
    const key = [each.what, ...each.sizes.map(({ label, length }) => `${label} ${length.toFixed(2)}`)].join(
      '|',
    )
    const known = found.get(key)
    found.set(key, known ? { ...known, count: known.count + each.count } : each)
  }
  return [...found.values()]
}

/** What is bought or found beside the sheet for one box: pins, bolts and nuts, magnets. */
export function boughtFor(box: Box): Bought[] {
  const { spec, edges, assembly } = box
  const holes = assembly.parts.flatMap(({ features }) => features.filter(({ what }) => what === 'bolt hole'))
  const bolts = edges.flatMap((edge): Bought[] => {
    const own = boltsOf(spec, edge)
    const count = holes.filter(({ joint }) => joint === edge.id).length
    if (!own || count === 0) return []
    return [
      { what: `${own.size} bolt`, count, sizes: [{ label: 'under its head', length: own.length }] },
      { what: `${own.size} nut`, count, sizes: [] },
    ]
  })
  const magnets = spec.engravings.flatMap(({ how }): Bought[] =>
    how.kind === 'magnet'
      ? [{ what: 'magnet', count: how.with ? 2 : 1, sizes: [{ label: 'thick at most', length: how.depth }] }]
      : [],
  )
  const fitted = spec.fittings.flatMap((own) => kindOfFitting(own.type).bought?.(own, box) ?? [])
  return together([...fitted, ...bolts, ...magnets])
}
