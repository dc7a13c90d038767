import { bounds, rectangle, type Point } from '../geometry'
import {
  ASSUMED_MACHINE,
  OPERATION_NAMES,
  ORDINARY_CODE,
  originOn,
  type Machine,
  type Operation,
} from '../machine'
import type { CutPath, OwnWay } from '../plan'
import { ownWayOf, reachOf, rowMotion, tripsOf, pathPoints, type Reach, type Trip } from '../plan'
import type { Setting } from '../tune'
import { ownLines } from './own-lines'
import { write as words } from './words'

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
  machine: Spoken
}

/** What of a machine its programs are made for. */
type Spoken = Pick<Machine, 'origin' | 'code' | 'acceleration' | 'bedWidth'>

/** Until a machine is chosen: an ordinary one, its origin at the front left. [FM] */
export const ORDINARY_SPOKEN: Spoken = {
  ...ASSUMED_MACHINE,
  origin: 'front left',
  bedWidth: Infinity,
  code: ORDINARY_CODE,
}

/** A tenth of a micrometre. */
const figure = (value: number): string => {
  const text = String(Number(value.toFixed(4)))
  return text === '-0' ? '0' : text
}

/** A comment may hold no brackets and no line breaks: they would end it. */
const comment = (text: string): string => `; ${text.replace(/[\r\n();]+/g, ' ').slice(0, 200)}`

/** Signs that are put into plain letters; controllers take no others. */
const PLAIN: Record<string, string> = {
  '‘': "'",
  '’': "'",
  '“': '"',
  '”': '"',
  '–': '-',
  '—': '-',
  '−': '-',
  '×': 'x',
  '÷': '/',
  '±': '+-',
  '°': ' deg',
  '²': '2',
  '…': '...',
}
const inAscii = (text: string): string =>
  text
    .replace(/[‘’“”–—−×÷±°²…]/g, (sign) => PLAIN[sign])
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^\x20-\x7e\n\t]/g, '?')

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
    comment(words.originCornerPower(origin, !!code.dynamic)),
    ...ownLines(code.header),
    'G21',
    'G90',
    'M5 S0',
    ...(file.aim ?? []).flatMap((point, i) => aimedAt(onBed(point), i + 1)),
    ...(file.frame ? framed(paths, onBed) : []),
  ]
  const on = code.dynamic ? 'M4' : 'M3'
  const say: Speaker = { onBed, scale: code.scale, reach: reachOf(width, machine), machine }
  let air = false
  let before = ''
  for (const run of tripsOf(paths)) {
    const [path] = run.paths
    const alone = wayFor(path)
    const name = alone?.name ?? OPERATION_NAMES[path.operation]
    const setting = alone?.setting ?? settings[path.operation]
    if (name !== before) {
      // The beam's mode is set once an operation: controllers wait whenever it is.
      lines.push('M5 S0', comment(name))
      if (setting.air !== air) lines.push(...ownLines(setting.air ? code.airOn : code.airOff))
      lines.push(`${on} S0`)
      ;[air, before] = [setting.air, name]
    }
    const once = run.isRow ? rowLines(run, setting, say) : pathLines(path, setting, say)
    for (let pass = 0; pass < setting.passes; pass++) lines.push(...once)
  }
  lines.push('M5 S0')
  if (air) lines.push(...ownLines(code.airOff))
  if (file.look) lines.push(comment(words.checkEveryPart), 'M0')
  return inAscii([...lines, 'G0 X0 Y0', ...ownLines(code.footer), 'M2', ''].join('\n'))
}

/** What is needed to say a way in the machine's words. */
interface Speaker {
  onBed: (point: Point) => string
  scale: number
  reach: Reach
  machine: Pick<Machine, 'acceleration'>
}

const beamOf = (power: number, scale: number): string => `S${figure((power / 100) * scale)}`

function pathLines(path: CutPath, { speed, power }: Setting, { onBed, scale }: Speaker): string[] {
  const [first, second, ...rest] = pathPoints(path).map(onBed)
  return [
    `G0 ${first} S0`,
    `G1 ${second} F${figure(speed * 60)} ${beamOf(power, scale)}`,
    ...rest.map((point) => `G1 ${point}`),
  ]
}

/** A row, run into and out of with the beam off; over what stays bare the head goes on at its speed. */
function rowLines(run: Trip, setting: Setting, { onBed, scale, reach, machine }: Speaker): string[] {
  const { speed, out } = rowMotion(run, setting.speed, machine.acceleration, reach)
  const [from, beyond] = run.paths[0].points
  const end = run.paths[run.paths.length - 1].points[1]
  const by = Math.sign(beyond.x - from.x) * out
  // Slower for want of room, with less power: as much is spent on the way.
  const beam = beamOf((setting.power * speed) / setting.speed, scale)
  const feed = `F${figure(speed * 60)}`
  return [
    `G0 ${onBed({ x: from.x - by, y: from.y })} S0`,
    ...run.paths.flatMap(({ points }, i) => {
      const isThere = i === 0 && out === 0
      return [
        ...(isThere ? [] : [`G1 ${onBed(points[0])} ${feed} S0`]),
        `G1 ${onBed(points[1])} ${feed} ${beam}`,
      ]
    }),
    ...(out > 0 ? [`G1 ${onBed({ x: end.x + by, y: end.y })} S0`] : []),
  ]
}

/** To a hole that is in the sheet already, beam off, and a stop: does the beam's dot lie in it? */
const aimedAt = (at: string, number: number): string[] => [
  comment(words.registrationHoleBeam(number)),
  `G0 ${at}`,
  'M0',
]

/** Round all that will be cut, beam off, and a stop: does the sheet lie where it should? */
function framed(paths: CutPath[], onBed: (point: Point) => string): string[] {
  const { minX, minY, maxX, maxY } = bounds(paths.flatMap(({ points }) => points))
  const round = rectangle(minX, minY, maxX, maxY)
  return [comment(words.roundCutBeam), ...[...round, round[0]].map((point) => `G0 ${onBed(point)}`), 'M0']
}
