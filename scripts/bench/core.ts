import { PLAIN_BOX, sameTabs, type BoxSpec } from '../../core/box'
import { arrange, deriveBox, makeParts, planCut, surfaceFor, withLayout, type Part } from '../../core/derive'
import { rectangle, union } from '../../core/geometry'
import { emptyJob, type Job } from '../../core/job'
import { LayoutChecker, type Placement } from '../../core/nest'
import { unpackPaths } from '../../core/plan'
import { packPlan } from '../../web/workers/packing'
import { jtsOf, united } from '../testing/jts'
import { ownerOf } from '../testing/parts'
import { FRAME, ms, row, timed } from './timing'

export const SPEC: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 240,
  depth: 160,
  height: 60,
  fittings: [{ type: 'top-fingers' as const }],
  tabs: sameTabs({ rule: 'even', width: 9 }),
  proud: 0,
}
const job: Job = { ...emptyJob('bench', 'Bench', ''), box: SPEC }

/** So many copies of a closed box, laid out. */
function laidOut(copies: number): { job: Job; parts: Part[] } {
  const large: Job = {
    ...job,
    copies,
    layout: { ...job.layout, settings: { ...job.layout.settings, sheets: 90 } },
  }
  const parts = makeParts(deriveBox(large), ownerOf(copies), large.cut)
  return { job: withLayout(large, arrange(parts, large)), parts }
}

function keystroke(): void {
  const took = timed(() => void makeParts(deriveBox(job), ownerOf(1), job.cut))
  row('one keystroke in Shape: box, panels, parts', `${ms(took)}, ${(took / FRAME).toFixed(2)} of a frame`)
}

function uniting(): void {
  const rings = Array.from({ length: 120 }, (_, i) =>
    rectangle((i % 40) * 6, Math.floor(i / 40) * 50, (i % 40) * 6 + 8, Math.floor(i / 40) * 50 + 54),
  )
  const ours = timed(() => void union(rings))
  const shapes = rings.map((outline) => jtsOf({ outline, holes: [] }))
  const others = timed(() => void shapes.reduce((sum, next) => united(sum, next)), 5)
  row(
    'uniting 120 rectangles: clipping library used / jsts',
    `${ms(ours)} / ${ms(others)} = ${(ours / others).toFixed(3)}`,
  )
}

/**
 * What one step of a dragged part costs with 600 parts on the sheets, and what the planner's answer costs
 * the page.
 */
function sixHundred(): void {
  const { job: opened, parts } = laidOut(100)
  const { arrangement, settings } = opened.layout
  const placements = arrangement!.placements
  const { margin, gap, turning, grain, sheets } = settings
  const rules = { margin, gap, turning, grain, sheets }
  const surface = surfaceFor(opened)
  const checker = new LayoutChecker(parts, rules, () => surface)
  checker.check(placements)
  let step = 0
  const moved = (): Placement[] => {
    step++
    return placements.map((each, i) => (i === 0 ? { ...each, x: each.x + (step % 7) / 10 } : each))
  }
  const dragging = timed(() => void checker.check(moved()), 30)
  const anew = timed(() => void new LayoutChecker(parts, rules, () => surface).check(moved()), 5)
  row(
    `dragging one of ${parts.length} parts: only it checked / all of them`,
    `${ms(dragging)} / ${ms(anew)} = ${(dragging / anew).toFixed(3)}`,
  )
  const plan = planCut(opened, parts, [])
  const whole = timed(() => void structuredClone(plan), 5)
  const crossing = timed(() => {
    const { packed, blocks } = packPlan(plan)
    structuredClone(packed, { transfer: blocks })
  }, 5)
  const { packed } = packPlan(plan)
  const asked = timed(() => void packed.loads.map((load) => unpackPaths(load.packed)), 5)
  row(
    'the planner’s answer for them: packed and handed over / copied whole',
    `${ms(crossing)} / ${ms(whole)} = ${(crossing / whole).toFixed(3)}; unpacked when asked for ${ms(asked)}`,
  )
}

export function benchCore(): void {
  console.log('Core, in Node.js (medians)')
  keystroke()
  uniting()
  const { job: opened, parts } = laidOut(34)
  const planning = timed(() => void planCut(opened, parts, []), 5)
  row(`planning ${parts.length} laid-out panels (order, time, checks)`, ms(planning))
  sixHundred()
}
