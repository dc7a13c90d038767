import { readdirSync, readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import type { Browser, Page } from '@playwright/test'
import { writeJob } from '../../core/keep'
import { makeJob } from '../../core/kinds'
import { LESSON_IDS } from '../../core/course/outline'
import { BUILT, makeApp } from '../../server/app'
import { listen } from '../../server/listen'
import { launch, openJob } from '../browser.mjs'
import { benchQuick } from './quick'
import { FRAME, median, ms, mustHold, row } from './timing'

const STATIONS = ['measure', 'shape', 'layout', 'tune', 'cut', 'build', 'log'] as const
const kB = (bytes: number): string => `${(bytes / 1000).toFixed(0)} kB`

async function jobsListed(page: Page): Promise<void> {
  await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(2).waitFor()
}

/** When the page stands, for a script of the page: what is asked for before is what one waits for. */
const noteStanding = (selector: string): void => {
  const look = new MutationObserver(() => {
    if (!document.querySelector(selector)) return
    performance.mark('stands')
    look.disconnect()
  })
  look.observe(document, { childList: true, subtree: true })
}

/** The scripts that a page asked for, and whether it stood by then. */
const scriptsAsked = (): { url: string; stood: boolean }[] =>
  performance.getEntriesByType('resource').map(({ name, startTime }) => ({
    url: name,
    stood: startTime >= performance.getEntriesByName('stands')[0].startTime,
  }))

const builtFile = (name: string): string => readFileSync(`${BUILT}/assets/${name}`, 'utf8')

/** A script and all that it cannot run without. */
function withImports(names: string[], found = new Set<string>()): Set<string> {
  for (const name of names) {
    if (found.has(name)) continue
    found.add(name)
    withImports(
      [...builtFile(name).matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)].map(([, each]) => each),
      found,
    )
  }
  return found
}

/**
 * Script that a page waits for until it stands, gzipped, and what it fetches beside and after:
 * the planner, and what draws in space.
 */
async function scriptOf(
  browser: Browser,
  address: string,
  path: string,
  stands: string,
): Promise<[plain: number, later: number]> {
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(address)
  await jobsListed(page)
  await page.goto('about:blank')
  await page.addInitScript(noteStanding, stands)
  await page.goto(`${address}${path}`)
  await page.waitForFunction(() => performance.getEntriesByName('stands').length > 0)
  await page.waitForTimeout(1200)
  const asked = (await page.evaluate(scriptsAsked)).filter(({ url }) => url.endsWith('.js'))
  await context.close()
  const nameOf = ({ url }: { url: string }): string => url.split('/').pop()!
  /** The planner in its worker, and what draws in space. */
  const isBeside = (name: string): boolean =>
    name.includes('.worker-') || builtFile(name).includes('WebGLRenderer')
  const before = asked.filter(({ stood }) => !stood).map(nameOf)
  const waited = [...withImports(before)].filter((name) => !isBeside(name))
  const sizeOf = (names: Iterable<string>): number =>
    [...names].reduce((sum, name) => sum + gzipSync(builtFile(name)).length, 0)
  return [sizeOf(waited), sizeOf(withImports(asked.map(nameOf))) - sizeOf(waited)]
}

async function sizes(browser: Browser, address: string): Promise<void> {
  console.log(
    '\nFirst load: script, gzipped (limits 120 kB for the first page, 250 kB for a station before 3D)',
  )
  const [first, pictures] = await scriptOf(browser, address, '', '[aria-label=Jobs] li')
  row('the first page', `${kB(first)}, and ${kB(pictures)} for the pictures and sizes in the list`)
  mustHold(first < 120_000, `the first page waits for ${kB(first)} of script, not 120`)
  for (const station of STATIONS) {
    const [plain, later] = await scriptOf(
      browser,
      address,
      `#/job/demo-tray/${station}`,
      'main h2, main .card',
    )
    row(station, `${kB(plain)}, and ${kB(later)} for the planner and to draw in space`)
    mustHold(plain < 250_000, `${station} waits for ${kB(plain)} of script before it draws in space, not 250`)
  }
  for (const lesson of LESSON_IDS) {
    const [plain] = await scriptOf(browser, address, `#/learn/${lesson}`, '[data-lesson] svg')
    row(`the lesson ${lesson}`, kB(plain))
    mustHold(plain < 250_000, `the lesson ${lesson} waits for ${kB(plain)} of script, not 250`)
  }
}

/** What the planner's worker fetches before it plans. */
function plannerSize(): void {
  const assets = `${BUILT}/assets`
  const name = readdirSync(assets).find((each) => each.startsWith('planner.worker'))!
  const size = gzipSync(readFileSync(`${assets}/${name}`)).length
  row('the worker that plans', `${kB(size)} (limit 120)`)
  mustHold(size < 120_000, `the worker that plans fetches ${kB(size)}, not 120`)
}

/** Work of the page for a key until it is drawn, ms, sorted. */
const perKey = (page: Page, selector: string): Promise<number[]> =>
  page.evaluate(async (wanted) => {
    const field = document.querySelector<HTMLInputElement>(wanted)!
    const each: number[] = []
    for (let i = 0; i < 80; i++) {
      field.value = String(200 + i)
      let frameStart = 0
      requestAnimationFrame(() => {
        frameStart = performance.now()
      })
      const start = performance.now()
      field.dispatchEvent(new Event('input'))
      // Vue brings the page up to date in a microtask
      for (let turn = 0; turn < 4; turn++) await Promise.resolve()
      const script = performance.now() - start
      const drawing = await new Promise<number>((resolve) =>
        requestAnimationFrame(() => resolve(performance.now() - frameStart)),
      )
      each.push(script + drawing)
      await new Promise((resolve) => setTimeout(resolve, 60))
    }
    // the first forty warm the engine up, as a minute of typing does
    return each.slice(40).sort((a, b) => a - b)
  }, selector)

async function typing(page: Page, what: string): Promise<void> {
  const taken = await perKey(page, '[data-dimension=width] input')
  row(
    `typing in Shape${what}: work of the page per keystroke until it is drawn, median`,
    `${ms(taken[20])}, ${(taken[20] / FRAME).toFixed(2)} of a frame; slowest tenth ${ms(taken[36])}`,
  )
  mustHold(taken[20] < FRAME, `typing in Shape${what} takes ${(taken[20] / FRAME).toFixed(2)} frames, not 1`)
}

/** Run in the page as it stands: when each of its next pictures is drawn. */
const NOTE_FRAMES = `
  window.frames = []
  const note = (now) => window.frames.push(now) < 400 && requestAnimationFrame(note)
  requestAnimationFrame(note)
`

/** Time from picture to picture while a part is dragged over its sheet, ms, sorted. */
async function framesOfDrag(page: Page): Promise<number[]> {
  const box = (await page.locator('[data-part]').first().boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.evaluate(NOTE_FRAMES)
  for (let i = 1; i <= 60; i++) await page.mouse.move(x + (i % 20), y - (i % 7))
  const times = await page.evaluate(() => (window as unknown as { frames: number[] }).frames)
  await page.mouse.up()
  return times
    .slice(1)
    .map((now, i) => now - times[i])
    .sort((a, b) => a - b)
}

/** Five parts on the board, and six hundred. */
async function dragging(page: Page, address: string): Promise<void> {
  const taken: number[] = []
  // A layout that was touched by hand is not made anew: each is another job.
  for (const [job, copies] of [
    ['demo-logger', 1],
    ['demo-crate', 120],
  ] as const) {
    await openJob(page, address, job, 'shape')
    await page.locator('[data-field=copies] input').fill(String(copies))
    await page.goto(`${address}#/job/${job}/layout`) // what goes on there is stopped below, not waited for
    await page.locator('[data-field=pieces-first]').selectOption('whole sheets')
    await page.locator('[data-field=sheets] input').fill('120')
    const stop = page.getByRole('button', { name: 'Stop, keep the best' })
    if (copies > 1) await stop.click({ timeout: 60_000 })
    await page.getByText('up to date').waitFor({ timeout: 120_000 })
    taken.push(median(await framesOfDrag(page)))
  }
  row(
    'dragging a part, from picture to picture: of 600 on the board / of 5',
    `${ms(taken[1])} / ${ms(taken[0])} = ${(taken[1] / taken[0]).toFixed(2)}`,
  )
}

/** What is typed while a search goes on in the workers beside the page. */
async function typingWhileSearching(page: Page, address: string): Promise<void> {
  await openJob(page, address, 'demo-core-cabinet', 'layout')
  await page.getByText(/^All \d+ parts$/).click()
  const still = await perKey(page, 'input[type=search]')
  await page.getByRole('button', { name: 'Search on' }).click()
  await page.getByRole('button', { name: 'Stop, keep the best' }).waitFor()
  const searching = await perKey(page, 'input[type=search]')
  await page.getByRole('button', { name: 'Stop, keep the best' }).click()
  row(
    'typing in Lay out while a search goes on / while none does, median',
    `${ms(searching[20])} / ${ms(still[20])}; ${(searching[20] / FRAME).toFixed(2)} of a frame`,
  )
}

/** A tray of thirty panels; drawing in space by software is left out, a graphics processor does it. */
async function typingThirty(address: string): Promise<void> {
  const made = makeJob('divided-tray', { columns: '14', rows: '13' }, 'thirty', new Date().toISOString())
  if (!made.ok) throw new Error(made.error)
  const browser = await launch(false)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(address)
  await jobsListed(page)
  const file = { name: 'thirty.json', mimeType: 'application/json', buffer: Buffer.from(writeJob(made.job)) }
  await page.getByLabel('Job file').setInputFiles(file)
  await page.waitForURL(/thirty/)
  await openJob(page, address, 'thirty', 'shape')
  await typing(page, ', 30 panels')
  await browser.close()
}

/** The same box as 34 copies: 170 panels and their sheets, opened from the list of jobs. */
async function opening(page: Page, address: string): Promise<void> {
  await page.locator('[data-field=copies] input').fill('34')
  await openJob(page, address, 'demo-tray', 'layout')
  await page.locator('[data-field=sheets] input').fill('60')
  await page.getByText('up to date').waitFor({ timeout: 60_000 })
  const opened: { shown: number; planned: number }[] = []
  for (let i = 0; i < 5; i++) {
    await page.goto(address)
    await jobsListed(page)
    await page.waitForTimeout(500)
    opened.push(
      await page.evaluate(async () => {
        const start = performance.now()
        let shown = 0
        location.hash = '#/job/demo-tray/tune'
        for (;;) {
          await new Promise((resolve) => setTimeout(resolve, 4))
          const nav = document.querySelector('nav[aria-label=Traveller]')
          if (shown === 0 && nav) shown = performance.now() - start
          const states = [...document.querySelectorAll('[role=status]')]
          if (shown > 0 && states.some(({ textContent }) => textContent?.trim() === 'up to date')) {
            return { shown, planned: performance.now() - start }
          }
        }
      }),
    )
  }
  const [shown, planned] = (['shown', 'planned'] as const).map((key) =>
    median(opened.map((each) => each[key])),
  )
  row('opening a job of 170 laid-out panels: on the screen, planned', `${ms(shown)}, ${ms(planned)}`)
}

export async function benchBrowser(): Promise<void> {
  const { server, address } = await listen(makeApp(BUILT), 4420)
  const browser = await launch()
  await sizes(browser, address)
  plannerSize()
  await benchQuick(browser, address)
  console.log('\nIn the browser (headless Chromium, drawing in space by software)')
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(address)
  await jobsListed(page)
  await page.reload()
  await jobsListed(page)
  const paint = await page.evaluate(() => performance.now())
  row('first useful paint after a reload (the jobs are listed)', ms(paint))
  await openJob(page, address, 'demo-tray', 'shape')
  await typing(page, '')
  await opening(page, address)
  await typingWhileSearching(page, address)
  await dragging(page, address)
  await browser.close()
  await typingThirty(address)
  server.close()
}
