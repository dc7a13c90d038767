import { bounds, rectangle, type Point } from '../geometry'
import { originOn, OPERATION_NAMES, type Machine, type Operation } from '../machine'
import type { CutPath, OwnWay } from '../plan'
import { ownWayOf, visited } from '../plan'
import type { Setting } from '../tune'
import { ownLines } from './own-lines'

/** What one load is cut from as a program for the machine's controller. Lengths in mm, y up. */
export interface CodeFile {
  title: string
  statement: string
  width: number
  height: number
  paths: CutPath[]
  settings: Record<Operation, Setting>
  /** Whether it goes round all of it first, beam off, and waits; whether it waits at the end, to look. */
  frame?: boolean
  look?: boolean
  /** Places that the beam is shown at first, so that a turned sheet comes to lie as it did. */
  aim?: Point[]
  /** What is cut with a setting and under a name of its own. */
  own?: OwnWay[]
  machine: Pick<Machine, 'origin' | 'code'>
}

/** A tenth of a micrometre. */
const figure = (value: number): string => {
  const text = String(Number(value.toFixed(4)))
  return text === '-0' ? '0' : text
}

/** A comment may hold no brackets and no line breaks: they would end it. */
const comment = (text: string): string => `; ${text.replace(/[\r\n();]+/g, ' ').slice(0, 200)}`

/**
 * One load as G-code: millimetres, absolute, from the machine's origin corner; feeds in mm/min, power on the
 * machine's own scale. [PUB: ISO 6983-1 for G0, G1, G21, G90, M0 and F; M3, M4, M5 and S for the beam are
 * common practice, no source]
 */
export function writeCode(file: CodeFile): string {
  const { title, statement, width, height, paths, settings, machine } = file
  const { origin, code } = machine
  const wayFor = ownWayOf(file.own ?? [])
  const zero = originOn({ width, height }, origin)
  const onBed = ({ x, y }: Point): string => `X${figure(x - zero.x)} Y${figure(y - zero.y)}`
  const sentences = statement.split(/(?<=\.)\s+/)
  const lines = [
    comment(title),
    ...sentences.map(comment),
    comment(
      `Origin at the ${origin} corner. Power ${code.dynamic ? 'goes with the speed' : 'stays the same'}.`,
    ),
    ...ownLines(code.header),
    'G21',
    'G90',
    'M5 S0',
    ...(file.aim ?? []).flatMap((point, i) => aimedAt(onBed(point), i + 1)),
    ...(file.frame ? framed(paths, onBed) : []),
  ]
  const on = code.dynamic ? 'M4' : 'M3'
  let [air, at] = [false, '']
  let before = ''
  for (const [i, path] of paths.entries()) {
    const alone = wayFor(path)
    const name = alone?.name ?? OPERATION_NAMES[path.operation]
    const { speed, power, passes, air: wanted } = alone?.setting ?? settings[path.operation]
    const beam = figure((power / 100) * code.scale)
    const feed = figure(speed * 60)
    if (name !== before) lines.push(comment(name))
    if (wanted !== air) lines.push(...ownLines(wanted ? code.airOn : code.airOff))
    ;[air, before] = [wanted, name]
    const points = visited(path).map(onBed)
    const isRow = path.operation === 'engrave'
    for (let pass = 0; pass < passes; pass++) {
      const goesOn = isRow && passes === 1 && isSameRow(paths[i - 1], path)
      // Within a row the head goes on at its speed, with the beam off where nothing is to be burnt.
      if (goesOn) lines.push(`G1 ${points[0]} S0`)
      else {
        if (at !== points[0]) lines.push(`G0 ${points[0]}`)
        lines.push(`${on} S0`)
      }
      lines.push(`G1 ${points[1]} F${feed} S${beam}`, ...points.slice(2).map((point) => `G1 ${point}`))
      at = points[points.length - 1]
      if (!(isRow && passes === 1 && isSameRow(path, paths[i + 1]))) lines.push('M5 S0')
    }
  }
  if (air) lines.push(...ownLines(code.airOff))
  if (file.look) lines.push(comment('Look whether every part is free before the sheet is moved.'), 'M0')
  return [...lines, 'G0 X0 Y0', ...ownLines(code.footer), 'M2', ''].join('\n')
}

/** To a hole that is in the sheet already, beam off, and a stop: does the beam's dot lie in it? */
const aimedAt = (at: string, number: number): string[] => [
  comment(`Registration hole ${number}: with the beam off. Shift the sheet until its dot lies in the hole.`),
  `G0 ${at}`,
  'M0',
]

/** Round all that will be cut, beam off, and a stop: does the sheet lie where it should? */
function framed(paths: CutPath[], onBed: (point: Point) => string): string[] {
  const { minX, minY, maxX, maxY } = bounds(paths.flatMap(({ points }) => points))
  const round = rectangle(minX, minY, maxX, maxY)
  return [
    comment('Round what will be cut, with the beam off; then it waits.'),
    ...[...round, round[0]].map((point) => `G0 ${onBed(point)}`),
    'M0',
  ]
}

/** Whether an engraved stretch is the next one of the same row, run the same way. */
function isSameRow(a: CutPath | undefined, b: CutPath | undefined): boolean {
  if (a?.operation !== 'engrave' || b?.operation !== 'engrave') return false
  const [from, to] = a.points
  const [next, end] = b.points
  return (
    Math.abs(to.y - next.y) < 1e-9 &&
    (next.x - to.x) * (to.x - from.x) >= 0 &&
    (end.x - next.x) * (to.x - from.x) > 0
  )
}
