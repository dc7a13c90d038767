import type { BoxSpec } from '../box'
import { NO_RESULT, type Job, type Revision } from '../job'
import { deriveBox } from './box'
import { mockUp as words } from './words'

type Material = Job['measure']['more'][number]

/** Lengths are kept to a tenth of a micrometre, mm. */
const kept = (value: number): number => Number(value.toFixed(4))

/** A box measured inside, whatever it was measured on. */
function innerOf(job: Pick<Job, 'measure' | 'box' | 'interference' | 'cut'>): BoxSpec {
  const { inner } = deriveBox(job).sizes
  return { ...job.box, sizesAre: 'inner', width: kept(inner.x), depth: kept(inner.y), height: kept(inner.z) }
}

/** A box with nothing on its faces but what artwork cuts out of them. */
function bare(box: BoxSpec): BoxSpec {
  const drawings = box.drawings
    .filter(({ groups }) => groups.some(({ use }) => use === 'cut'))
    .map((drawing) => ({
      ...drawing,
      groups: drawing.groups.map((group) =>
        group.use === 'cut' ? group : { ...group, use: 'leave out' as const },
      ),
    }))
  const cuts = new Set(drawings.map(({ id }) => id))
  const engravings = box.engravings.filter(({ motif }) => motif.kind === 'drawing' && cuts.has(motif.drawing))
  return { ...box, drawings, engravings, pictures: [] }
}

/**
 * A copy of a job in another stock, to be cut first: inner sizes are kept, engraving is left off, layout and
 * settings are its own.
 * @param made its own id and name, and when it was made
 */
export function mockUpOf(
  job: Job,
  { stock, kerf, belief }: Material,
  made: { id: string; name: string; on: string },
): Job {
  return {
    ...job,
    id: made.id,
    name: made.name,
    changed: made.on,
    mockOf: { id: job.id, name: job.name },
    measure: { ...job.measure, stock, kerf, belief, more: [], trials: [] },
    box: bare({ ...innerOf(job), stocks: {} }),
    copies: 1,
    also: job.also.map((thing) => ({
      ...thing,
      copies: 1,
      box: bare({ ...innerOf({ ...job, box: thing.box }), stocks: {} }),
    })),
    layout: { ...job.layout, arrangement: null },
    tune: { ...job.tune, picked: null },
    cut: { ...job.cut, labels: 'none', letters: false, written: null },
    build: { ...job.build, done: [], count: null },
    template: false,
    log: [],
  }
}

/** Something that the mock-up has otherwise than its job. Sizes are inner ones. */
export interface Lesson {
  what: string
  from: number
  to: number
}

const SIZES = [
  ['width', 'x'],
  ['depth', 'y'],
  ['height', 'z'],
] as const

/** What a mock-up taught: the figures that it has now and its job has not. Lengths in mm. */
export function lessonsOf(mock: Job, job: Job): Lesson[] {
  const [tried, was] = [deriveBox(mock), deriveBox(job)].map(({ sizes }) => sizes.inner)
  const sizes = SIZES.map(([name, axis]) => ({ what: `inner ${name}`, from: was[axis], to: tried[axis] }))
  /** Dividers that reach the rim follow it by themselves. */
  const row = (key: 'columns' | 'rows'): Lesson => {
    const [from, to] = [job, mock].map(({ box }) => box.dividers[key].height)
    const isSame = from === to || mock.box.dividers[key].cells.length < 2
    return {
      what: `height of the ${key}`,
      from: isSame ? 0 : (from ?? was.z),
      to: isSame ? 0 : (to ?? tried.z),
    }
  }
  const others = [
    row('columns'),
    row('rows'),
    { what: 'scoop', from: job.box.dividers.scoop, to: mock.box.dividers.scoop },
    { what: 'floor raised', from: job.box.floor.raised, to: mock.box.floor.raised },
  ]
  return [...sizes, ...others].filter(({ from, to }) => Math.abs(from - to) > 0.005)
}

/** The job's box with what its mock-up taught. */
function taught(job: Job, mock: Job): BoxSpec {
  const { inner } = deriveBox(mock).sizes
  const inside: BoxSpec = {
    ...job.box,
    sizesAre: 'inner',
    width: kept(inner.x),
    depth: kept(inner.y),
    height: kept(inner.z),
    dividers: mock.box.dividers,
    floor: { ...job.box.floor, raised: mock.box.floor.raised },
  }
  if (job.box.sizesAre === 'inner') return inside
  const { outer } = deriveBox({ ...job, box: inside }).sizes
  return {
    ...inside,
    sizesAre: 'outer',
    width: kept(outer.x),
    depth: kept(outer.y),
    height: kept(outer.z),
  }
}

/** The most that a reason may be long. */
const MOST_REASON = 400

/**
 * The job with what its mock-up taught: its own stock and everything else stay as they were, and its log
 * says what changed and why.
 * @param said the lessons in words
 */
export function withLessons(job: Job, mock: Job, said: string, entry: { id: string; on: string }): Job {
  const revision: Revision = {
    ...NO_RESULT,
    id: entry.id,
    number: (job.log.at(-1)?.number ?? 0) + 1,
    date: entry.on,
    reason: words.mockUp(said).slice(0, MOST_REASON),
  }
  return { ...job, changed: entry.on, box: taught(job, mock), log: [...job.log, revision] }
}
