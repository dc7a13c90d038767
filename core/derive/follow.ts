import { AXES, type Axis } from '../assembly'
import { boxSizes, type BoxSpec } from '../box'
import { lidOf } from '../fittings'
import { thingsOf, type Follow, type Following, type Job, type Thing } from '../job'
import { parseLength, type LengthUnit } from '../length'
import { materialsOf, thicknessesOf } from './materials'
import { follow as words } from './words'

/** A top that lies lower than the rim. */
const loweredIn = (box: BoxSpec): { lowered: number } | null => {
  const lid = lidOf(box)
  return lid && 'lowered' in lid ? lid : null
}

/** Where a field's figure is kept. */
const FIELDS: Record<
  Following,
  { get: (box: BoxSpec) => number | null; set: (box: BoxSpec, to: number) => void }
> = {
  width: { get: (box) => box.width, set: (box, to) => void (box.width = to) },
  depth: { get: (box) => box.depth, set: (box, to) => void (box.depth = to) },
  height: { get: (box) => box.height, set: (box, to) => void (box.height = to) },
  'set-in': { get: (box) => box.corners.setIn, set: (box, to) => void (box.corners.setIn = to) },
  raised: { get: (box) => box.floor.raised, set: (box, to) => void (box.floor.raised = to) },
  lowered: {
    get: (box) => loweredIn(box)?.lowered ?? null,
    set(box, to) {
      const own = loweredIn(box)
      if (own) own.lowered = to
    },
  },
  arch: { get: (box) => box.floor.arch, set: (box, to) => void (box.floor.arch = to) },
  scoop: { get: (box) => box.dividers.scoop, set: (box, to) => void (box.dividers.scoop = to) },
  'columns-height': {
    get: (box) => box.dividers.columns.height,
    set: (box, to) => void (box.dividers.columns.height = to),
  },
  'rows-height': {
    get: (box) => box.dividers.rows.height,
    set: (box, to) => void (box.dividers.rows.height = to),
  },
}

const AXIS_OF: Record<string, Axis> = { width: 'x', depth: 'y', height: 'z' }
/** Which fields a size along an axis depends on. */
const BEHIND: Record<Axis, Following[]> = {
  x: ['width', 'set-in'],
  y: ['depth', 'set-in'],
  z: ['height', 'raised', 'lowered'],
}

/** A thing's name as it stands in a sum: small letters and digits. */
export const slugOf = ({ name, id }: Pick<Thing, 'name' | 'id'>): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '')
    .replace(/^[0-9]+/, '') || id

/** Why a sum cannot be worked out. */
class Unworkable extends Error {}

const NAME = /[a-z][a-z0-9]*(?:\.[a-z][a-z0-9]*)*/gi
const UNITS = ['mm', 'cm', 'm', 'in', 'inch', 'inches', 'ft', 'feet', 'foot', 'thou', 'mil', 'mils']

interface Sum {
  text: string
  unit: LengthUnit
}

/** Works out the sums of a job, each once, whatever they rest on first. */
class Sums {
  private readonly things: Thing[]
  private readonly done = new Map<string, number>()
  private readonly under: string[] = []

  constructor(
    private readonly job: Job,
    private readonly boxes: Map<string, BoxSpec>,
  ) {
    this.things = thingsOf(job)
  }

  /** A sum of one of the things, mm. @param key its name, to find circles by */
  value(key: string, { text, unit }: Sum, thing: string): number {
    const known = this.done.get(key)
    if (known !== undefined) return known
    const from = this.under.indexOf(key)
    if (from >= 0) {
      const circle = [...this.under.slice(from), key].join(' → ')
      throw new Unworkable(words.figuresFollowEach(circle))
    }
    this.under.push(key)
    const filled = text.replace(NAME, (name) =>
      UNITS.includes(name.toLowerCase()) && !this.isFigure(name) ? name : `(${this.named(name, thing)} mm)`,
    )
    const parsed = parseLength(filled, unit)
    if (!parsed.ok) throw new Unworkable(words.cannotWorkedOut(text))
    this.under.pop()
    const value = Number(parsed.value.toFixed(4))
    this.done.set(key, value)
    return value
  }

  private isFigure(name: string): boolean {
    return this.job.figures.some((figure) => figure.name === name)
  }

  /** What a name in a sum stands for, mm. */
  private named(name: string, own: string): number {
    const figure = this.job.figures.find((each) => each.name === name)
    if (figure) return this.value(name, figure, own)
    if (name === 't') return materialsOf(this.job.measure, 'paths')[0].thickness.mean
    const parts = name.split('.')
    const other = this.things.find((thing) => slugOf(thing) === parts[0])
    const [thing, rest] = parts.length > 1 && other ? [other.id, parts.slice(1)] : [own, parts]
    const side = rest[0] === 'inner' ? 'inner' : 'outer'
    const axis = AXIS_OF[rest[rest[0] === 'inner' || rest[0] === 'outer' ? 1 : 0]]
    if (!axis) {
      const names = ['width', 'inner.width', 't', ...this.job.figures.map((each) => each.name)]
      throw new Unworkable(words.noFigureOther(name, names.join(', ')))
    }
    return this.size(thing, axis, side)
  }

  /** An outer or inner size, after everything that it follows. */
  private size(thing: string, axis: Axis, side: 'outer' | 'inner'): number {
    for (const follow of this.job.follows)
      if (follow.thing === thing && BEHIND[axis].includes(follow.field)) this.follow(follow)
    const box = this.boxes.get(thing)!
    const { mean } = thicknessesOf(box.stocks, materialsOf(this.job.measure, 'paths'))
    return Number(boxSizes(box, mean)[side][axis].toFixed(4))
  }

  /** Puts what a field follows into it. */
  follow(follow: Follow): number {
    const thing = this.things.find(({ id }) => id === follow.thing)!
    const value = this.value(`${slugOf(thing)}.${follow.field}`, follow, follow.thing)
    FIELDS[follow.field].set(this.boxes.get(follow.thing)!, value)
    return value
  }
}

/** A box whose followed fields can be set without touching the first. */
const copyOf = (box: BoxSpec): BoxSpec => ({
  ...box,
  corners: { ...box.corners },
  floor: { ...box.floor },
  fittings: box.fittings.map((own) => ({ ...own })),
  dividers: {
    ...box.dividers,
    columns: { ...box.dividers.columns },
    rows: { ...box.dividers.rows },
  },
})

export type Settled = { ok: true; job: Job } | { ok: false; error: string }

/**
 * A job with every figure that follows others as they are now. The job itself where nothing follows
 * anything.
 * @returns or one sentence: a name that nothing has, a circle, a sum that cannot be worked out
 */
export function settleFigures(job: Job): Settled {
  if (job.follows.length === 0 && job.figures.length === 0) return { ok: true, job }
  const things = thingsOf(job)
  const boxes = new Map(things.map(({ id, box }) => [id, copyOf(box)]))
  const sums = new Sums(job, boxes)
  try {
    for (const figure of job.figures) sums.value(figure.name, figure, job.thing.id)
    for (const follow of job.follows) if (boxes.has(follow.thing)) sums.follow(follow)
  } catch (error) {
    if (error instanceof Unworkable) return { ok: false, error: error.message }
    throw error
  }
  const kept = (id: string, box: BoxSpec): BoxSpec => (isSame(boxes.get(id)!, box) ? box : boxes.get(id)!)
  const also = job.also.map((thing) => ({ ...thing, box: kept(thing.id, thing.box) }))
  const isOther = also.some(({ box }, i) => box !== job.also[i].box)
  return { ok: true, job: { ...job, box: kept(job.thing.id, job.box), also: isOther ? also : job.also } }
}

const isSame = (a: BoxSpec, b: BoxSpec): boolean =>
  Object.values(FIELDS).every(({ get }) => get(a) === get(b))

/** Names that a sum of a thing may use, with what they are now, mm. */
export function namesFor(job: Job): { name: string; value: number }[] {
  const mean = (box: BoxSpec) => thicknessesOf(box.stocks, materialsOf(job.measure, 'paths')).mean
  const things = thingsOf(job)
  const sizes = things.flatMap((thing) =>
    AXES.flatMap((axis, i) => {
      const { outer, inner } = boxSizes(thing.box, mean(thing.box))
      const size = ['width', 'depth', 'height'][i]
      const before = thing.id === job.thing.id ? '' : `${slugOf(thing)}.`
      return [
        { name: `${before}${size}`, value: outer[axis] },
        { name: `${before}inner.${size}`, value: inner[axis] },
      ]
    }),
  )
  const { thickness } = materialsOf(job.measure, 'paths')[0]
  return [...sizes, { name: 't', value: thickness.mean }]
}
