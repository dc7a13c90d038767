import { makePanels, makeShell, sameThickness, type BoxSpec } from '../core/box'
import { rectangle, sizeOf, union } from '../core/geometry'
import { arrange, deriveBox, emptyJob, makeParts, planCut, type Job, type Part } from '../core/job'
import { nest, sheetUse, type LayoutSettings } from '../core/nest'
import { BUILT, makeApp } from '../server/app'
import { listen } from '../server/listen'
import { jtsOf, united } from './testing/jts'
import { packerSheets } from './testing/rectangles'

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]
function timed(work: () => void, times = 15): number {
  for (let i = 0; i < 3; i++) work()
  return median(
    Array.from({ length: times }, () => {
      const start = performance.now()
      work()
      return performance.now() - start
    }),
  )
}
const row = (what: string, figure: string): void => console.log(`${what.padEnd(64)} ${figure}`)
const ms = (value: number): string => `${value.toFixed(1)} ms`

const spec: BoxSpec = {
  sizesAre: 'outer',
  width: 240,
  depth: 160,
  height: 60,
  top: true,
  tabs: { rule: 'even', width: 9, counts: { uprights: 5, floor: 9, top: 9 } },
  proud: 0,
}
const FRAME = 1000 / 60

console.log('Core, in Node.js (medians)')
const job: Job = { ...emptyJob('bench', 'Bench', ''), box: spec }
const keystroke = timed(() => {
  const box = deriveBox(job)
  makeParts(box.panels!, 1, box.kerf.perSide)
})
row(
  'one keystroke in Shape: box, panels, parts',
  `${ms(keystroke)}, ${(keystroke / FRAME).toFixed(2)} of a frame`,
)

const rings = Array.from({ length: 120 }, (_, i) =>
  rectangle((i % 40) * 6, Math.floor(i / 40) * 50, (i % 40) * 6 + 8, Math.floor(i / 40) * 50 + 54),
)
const ours = timed(() => void union(rings))
const others = timed(
  () => void rings.map((outline) => jtsOf({ outline, holes: [] })).reduce((sum, next) => united(sum, next)),
  5,
)
row(
  'uniting 120 rectangles: clipping library used / jsts',
  `${ms(ours)} / ${ms(others)} = ${(ours / others).toFixed(3)}`,
)

const large: Job = {
  ...job,
  copies: 34,
  layout: { ...job.layout, settings: { ...job.layout.settings, sheets: 60 } },
} // 204 panels
const largeBox = deriveBox(large)
const largeParts = makeParts(largeBox.panels!, large.copies, largeBox.kerf.perSide)
const arrangement = arrange(largeParts, large)
const opened: Job = { ...large, layout: { ...large.layout, arrangement } }
row(
  'planning 204 laid-out panels (order, time, checks)',
  ms(timed(() => void planCut(opened, largeBox, largeParts), 5)),
)

console.log('\nSheets against a general-purpose rectangle packer, same parts’ bounding boxes')
const sizes: [number, number, number, number][] = [
  [240, 160, 60, 1],
  [240, 160, 60, 4],
  [120, 80, 50, 8],
  [300, 220, 90, 3],
  [90, 90, 90, 12],
  [410, 130, 70, 5],
  [180, 60, 210, 6],
  [64, 44, 30, 30],
]
let [sheetsOurs, sheetsTheirs, timeOurs, timeTheirs] = [0, 0, 0, 0]
for (const [width, depth, height, copies] of sizes) {
  const parts: Part[] = makeParts(
    makePanels(makeShell({ ...spec, width, depth, height }, sameThickness(3)), 0, 0),
    copies,
    0.08,
  )
  const settings: LayoutSettings = {
    sheetWidth: 600,
    sheetHeight: 400,
    sheets: 90,
    margin: 5,
    gap: 3,
    grain: 'free',
    turning: true,
  }
  const room = { width: 600, height: 400 }
  let start = performance.now()
  const layout = nest(parts, settings, room)
  const took = performance.now() - start
  const { sheets, fewest, use } = sheetUse(parts, layout.placements, settings, room)
  start = performance.now()
  const theirs = packerSheets(
    parts.map(({ shape }) => sizeOf(shape)),
    590,
    390,
    3,
  )
  timeTheirs += performance.now() - start
  ;[sheetsOurs, sheetsTheirs, timeOurs] = [sheetsOurs + sheets, sheetsTheirs + theirs, timeOurs + took]
  row(
    `${copies} × ${width} × ${depth} × ${height}, ${parts.length} parts`,
    `${sheets} sheets (${(use * 100).toFixed(0)} %), packer ${theirs}, bound ${fewest}; ${ms(took)}`,
  )
}
row(
  'all of them: sheets, ours / packer',
  `${sheetsOurs} / ${sheetsTheirs} = ${(sheetsOurs / sheetsTheirs).toFixed(3)}`,
)
row('time of the whole search / one run of the packer', `${(timeOurs / timeTheirs).toFixed(0)}`)

console.log('\nIn the browser (headless Chromium, drawing in space by software)')
const { launch, openJob } = await import('./browser.mjs')
const { server, address } = await listen(makeApp(BUILT), 4420)
const browser = await launch()
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(address)
await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(2).waitFor()
await page.reload()
await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(2).waitFor()
row(
  'first useful paint after a reload (the jobs are listed)',
  ms(await page.evaluate(() => performance.now())),
)
await openJob(page, address, 'demo-tray', 'shape')
const typing = await page.evaluate(async () => {
  const field = document.querySelector<HTMLInputElement>('[data-dimension=width] input')!
  const taken: number[] = []
  for (let i = 0; i < 80; i++) {
    field.value = String(200 + i)
    let frameStart = 0
    requestAnimationFrame(() => {
      frameStart = performance.now()
    })
    const start = performance.now()
    field.dispatchEvent(new Event('input'))
    for (let turn = 0; turn < 4; turn++) await Promise.resolve() // Vue brings the page up to date in a microtask
    const script = performance.now() - start
    const drawing = await new Promise<number>((resolve) =>
      requestAnimationFrame(() => resolve(performance.now() - frameStart)),
    )
    taken.push(script + drawing)
    await new Promise((resolve) => setTimeout(resolve, 60))
  }
  return taken.slice(40).sort((a, b) => a - b) // the first forty warm the engine up, as a minute of typing does
})
row(
  'typing in Shape: work of the page per keystroke, median',
  `${ms(typing[20])}, ${(typing[20] / FRAME).toFixed(2)} of a frame; slowest tenth ${ms(typing[36])}`,
)

// The same box as 34 copies: 170 panels and their sheets, opened from the list of jobs.
await page.getByLabel('Copies').fill('34')
await openJob(page, address, 'demo-tray', 'layout')
await page.getByLabel('Sheets that may be used').fill('60')
await page.getByText('up to date').waitFor({ timeout: 60_000 })
const opening: { shown: number; planned: number }[] = []
for (let i = 0; i < 5; i++) {
  await page.goto(address)
  await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(2).waitFor()
  await page.waitForTimeout(500)
  opening.push(
    await page.evaluate(async () => {
      const start = performance.now()
      let shown = 0
      location.hash = '#/job/demo-tray/tune'
      for (;;) {
        await new Promise((resolve) => setTimeout(resolve, 4))
        if (shown === 0 && document.querySelector('nav[aria-label=Traveller]'))
          shown = performance.now() - start
        if (
          shown > 0 &&
          [...document.querySelectorAll('[role=status]')].some(
            ({ textContent }) => textContent === 'up to date',
          )
        )
          return { shown, planned: performance.now() - start }
      }
    }),
  )
}
row(
  'opening a job of 170 laid-out panels: on the screen, planned',
  `${ms(median(opening.map(({ shown }) => shown)))}, ${ms(median(opening.map(({ planned }) => planned)))}`,
)
await browser.close()
server.close()
