import { prove, resolve } from '../../core/assembly'
import { makeBox, PLAIN_BOX, sameThickness, type BoxSpec } from '../../core/box'
import { deriveBox, deriveThings, sceneOf, settleJob, standsOf, type Scene } from '../../core/derive'
import { emptyJob, type Job } from '../../core/job'
import { makeJob } from '../../core/kinds'
import { IN_METRIC } from '../../core/length'
import { SPEC } from './core'
import { FRAME, ms, mustHold, row, timed } from './timing'

const equal = (cells: number): null[] => Array.from({ length: cells }, () => null)

/** How many panels a job's box comes to; one that is refused has none to be timed. */
function panelsOf(job: Job): number {
  const { problems, panels } = deriveBox(job)
  if (!panels) throw new Error(JSON.stringify(problems))
  return panels.length
}

/** A tray with so many columns and rows. */
const tray = (columns: number, rows: number): BoxSpec => ({
  ...PLAIN_BOX,
  ...SPEC,
  fittings: [], // open: dividers slide in from above
  width: 900,
  depth: 600,
  dividers: {
    ...PLAIN_BOX.dividers,
    columns: { cells: equal(columns), height: 40, lift: 0 },
    rows: { cells: equal(rows), height: 40, lift: 0 },
  },
})

function thirty(): void {
  const spec = tray(14, 13) // 5 walls and floor, 13 and 12 dividers
  const job: Job = { ...emptyJob('b', 'B', ''), box: spec }
  const mean = sameThickness(3)
  const box = makeBox(spec, { mean, thickest: mean })
  const panels = resolve(box.assembly, { proud: 0, interference: 0.02 }).panels
  let width = spec.width
  const deriving = timed(() => {
    width += 0.1 // what is there already is not worked out again
    panelsOf({ ...job, box: { ...spec, width } })
  })
  const proving = timed(() => void prove(box.assembly, panels))
  row(
    `a keystroke with ${panels.length} panels: all of it / the proof alone`,
    `${ms(deriving)}, ${(deriving / FRAME).toFixed(2)} of a frame / ${ms(proving)}`,
  )
}

/** Walls at 120°, a lid that lifts off and three dividers through the middle. */
function hexagon(): void {
  const made = makeJob('polygon-box', { walls: '6', side: '100', dividers: '3', top: 'lift' }, 'b', '')
  if (!made.ok) throw new Error(made.error)
  let [panels, height] = [0, made.job.box.height]
  const deriving = timed(() => {
    height += 0.1
    panels = panelsOf({ ...made.job, box: { ...made.job.box, height } })
  })
  row(
    `a keystroke in a hexagon with lid and dividers, ${panels} panels`,
    `${ms(deriving)}, ${(deriving / FRAME).toFixed(2)} of a frame`,
  )
  mustHold(deriving < FRAME, `a hexagon with lid and dividers takes ${ms(deriving)}, more than a frame`)
}

/** So many trays of ten panels in one job. */
function jobOf(things: number): Job {
  const job: Job = { ...emptyJob('b', 'B', ''), box: tray(4, 3) }
  const also = Array.from({ length: things - 1 }, (_, i) => ({
    id: `t${i}`,
    name: `tray ${i}`,
    copies: 1,
    box: structuredClone(job.box),
  }))
  return { ...job, also }
}

function growing(): void {
  panelsOf(jobOf(1))
  const times = [1, 10, 100].map((things) =>
    timed(() => {
      const job = structuredClone(jobOf(things))
      deriveThings(job)
    }, 7),
  )
  const each = times.map((time, i) => time / 10 ** i)
  row(
    'deriving 10 / 100 / 1000 panels, for every ten of them',
    each.map((time) => `${ms(time)} (${(time / each[0]).toFixed(2)})`).join(' / '),
  )
  const many = jobOf(100)
  deriveThings(many)
  let width = 900
  const one = timed(() => {
    width += 0.1
    const next: Job = { ...many, box: { ...many.box, width } }
    deriveThings(next)
  }, 7)
  row('one of 100 things changed: only it is worked out anew', `${ms(one)} of ${ms(times[2])}`)
}

/** What an edit of a cabinet may cost until it can be drawn, ms. */
const SOON = 50

function cabinet(): void {
  const made = makeJob('cabinet', {}, 'b', '')
  if (!made.ok) throw new Error(made.error)
  let width = 240
  let scene: Scene | null = null
  const edit = timed(() => {
    width += 0.1
    const whole = { ...made.job.whole, width } as Job['whole']
    const settled = settleJob({ ...made.job, whole }, IN_METRIC)
    if (!settled.ok) throw new Error(settled.error)
    scene = sceneOf(settled.job, deriveThings(settled.job))
  }, 15)
  const standing = timed(() => void standsOf(scene!), 7)
  const panels = scene!.posed.flatMap((box) => box.panels).length
  row(
    `an edit of a cabinet with 12 drawers, ${panels} panels: until it can be drawn / what strikes what`,
    `${ms(edit)}, ${(edit / SOON).toFixed(2)} of ${SOON} ms / ${ms(standing)}`,
  )
}

export function benchAssembly(): void {
  console.log('\nAssemblies, in Node.js (medians)')
  thirty()
  hexagon()
  growing()
  cabinet()
}
