import type { Task, TaskLayout } from '../../core/nest'
import { apart, borderOf, jtsOf, shared, without } from './jts'

type Corner = [number, number]
type Shape = ReturnType<typeof jtsOf>

/** What rounding to six decimals and 0.1 µm of the clipping library may come to, mm. */
const SLIVER = 1e-3

const counterClockwise = (ring: Corner[]): Corner[] => {
  const twice = ring.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = ring[(i + 1) % ring.length]
    return sum + x * nextY - nextX * y
  }, 0)
  return twice > 0 ? ring : [...ring].reverse()
}

const asShape = (outline: Corner[], holes: Corner[][]): Shape => {
  const points = (ring: Corner[]) => ring.map(([x, y]) => ({ x, y }))
  return jtsOf({
    outline: points(counterClockwise(outline)),
    holes: holes.map((hole) => points(counterClockwise(hole)).reverse()),
  })
}

/** A part where a layout says that it lies: turned counter-clockwise about its own origin, then moved. */
function placed(task: Task, { part, x, y, angle }: TaskLayout['placements'][number]): Shape {
  const { outline, holes } = task.parts.find(({ id }) => id === part)!
  const [c, s] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)]
  const move = (ring: Corner[]) => ring.map(([a, b]): Corner => [c * a - s * b + x, s * a + c * b + y])
  return asShape(move(outline), holes.map(move))
}

function sheetOf({ sheets }: Task, name: string): Shape {
  const { width = 0, height = 0, outline } = sheets.find(({ id }) => id === name)!
  return asShape(
    outline ?? [
      [0, 0],
      [width, 0],
      [width, height],
      [0, height],
    ],
    [],
  )
}

/** What an unrelated polygon library finds wrong with a layout, by the two files alone. */
export function layoutFaults(task: Task, { placements, unplaced }: TaskLayout): string[] {
  const faults: string[] = []
  const bySheet = new Map<string, { name: string; shape: Shape }[]>()
  for (const placement of placements) {
    const { part, copy, sheet, number, angle } = placement
    const name = `${part} ${copy}`
    const shape = placed(task, placement)
    const ground = sheetOf(task, sheet)
    if (without(shape, ground).getArea() > SLIVER) faults.push(`${name} lies over the edge`)
    const room = apart(borderOf(ground), shape)
    if (room < task.margin - SLIVER) faults.push(`${name} is ${room} from the edge`)
    if (!task.parts.find(({ id }) => id === part)!.turns.includes(angle)) faults.push(`${name} is turned`)
    const key = `${sheet} ${number}`
    for (const other of bySheet.get(key) ?? []) {
      if (shared(shape, other.shape).getArea() > 10 * SLIVER) faults.push(`${name} overlaps ${other.name}`)
      else if (apart(shape, other.shape) < task.gap - SLIVER)
        faults.push(`${name} is ${apart(shape, other.shape)} from ${other.name}`)
    }
    bySheet.set(key, [...(bySheet.get(key) ?? []), { name, shape }])
  }
  const wanted = task.parts.reduce((sum, { count }) => sum + count, 0)
  const named = new Set([...placements, ...unplaced].map(({ part, copy }) => `${part} ${copy}`))
  if (named.size !== wanted || placements.length + unplaced.length !== wanted)
    faults.push(`${named.size} of ${wanted} parts are told of`)
  for (const { id, count } of task.sheets)
    if (placements.some(({ sheet, number }) => sheet === id && !(number >= 1 && number <= count)))
      faults.push(`there are only ${count} of sheet ${id}`)
  return faults
}
