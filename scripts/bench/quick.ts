import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import type { Browser, Page } from '@playwright/test'
import { NO_RESULT, type Job } from '../../core/job'
import { demo } from '../testing/demo'
import { median, ms, mustHold, row } from './timing'

/** CPU that a shell command takes with all that it starts, seconds: the shell's own `times` says it. */
function cpuOf(command: string): number {
  const { stdout } = spawnSync('bash', ['-c', `${command} > /dev/null 2>&1; times`], {
    cwd: fileURLToPath(new URL('../..', import.meta.url)),
    encoding: 'utf8',
  })
  const [, children] = stdout.trim().split('\n')
  return [...children.matchAll(/(\d+)m([\d.]+)s/g)].reduce(
    (sum, [, m, s]) => sum + 60 * Number(m) + Number(s),
    0,
  )
}

/** How long the command line thinks before it says how it is called. */
export function benchCommands(): void {
  console.log('\nThe command line: CPU until it says its usage (limit 0.4 s; medians of 7)')
  const of = (command: string): number => median(Array.from({ length: 7 }, () => cpuOf(command)))
  cpuOf('node scripts/uplands.mjs') // bundles it where the code has changed
  const [nothing, own, npm] = ["node -e ''", 'node scripts/uplands.mjs', 'npm run --silent uplands'].map(of)
  row('node, doing nothing / the command line', `${nothing.toFixed(2)} / ${own.toFixed(2)} s`)
  row('the same through npm', `${npm.toFixed(2)} s`)
  mustHold(own < 0.4, `usage takes ${own.toFixed(2)} s of CPU, not 0.4`)
}

const context = (browser: Browser) =>
  browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })

/** Until something stands on a page that is opened from nothing, ms. */
async function until(browser: Browser, url: string, selector: string, page?: Page): Promise<number> {
  const own = page ?? (await (await context(browser)).newPage())
  const begun = performance.now()
  await own.goto(url)
  await own.locator(selector).first().waitFor({ state: 'attached' })
  const took = performance.now() - begun
  if (!page) await own.context().close()
  return took
}

async function five(work: () => Promise<number>): Promise<number> {
  const all: number[] = []
  for (let i = 0; i < 5; i++) all.push(await work())
  return median(all)
}

/** Stores jobs in a browser, in place of those that are there. */
const store = (page: Page, jobs: Job[]): Promise<void> =>
  page.evaluate(
    (all) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('uplands')
        opening.onerror = () => reject(opening.error!)
        opening.onsuccess = () => {
          const transaction = opening.result.transaction('jobs', 'readwrite')
          const shelf = transaction.objectStore('jobs')
          shelf.clear()
          for (const job of all) shelf.put({ id: job.id, revision: 1, job })
          transaction.oncomplete = () => {
            opening.result.close()
            resolve()
          }
        }
      }),
    jobs,
  )

/** A page on which some jobs are stored, and nothing else is open. */
async function withJobs(browser: Browser, address: string, jobs: Job[]): Promise<Page> {
  const page = await (await context(browser)).newPage()
  await page.goto(address)
  await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(9).waitFor()
  await page.goto(`${address}icon.svg`)
  await store(page, jobs)
  return page
}

/** From an address to what is drawn there, each time from another page, ms. */
const drawn = (page: Page, browser: Browser, url: string, selector: string): Promise<number> =>
  five(async () => {
    await page.goto('about:blank')
    return until(browser, url, selector, page)
  })

/** A job in whose log something was written so many times. */
function logged(count: number): Job {
  const job = demo('specimen-tray')
  const log = Array.from({ length: count }, (_, i) => ({
    ...NO_RESULT,
    id: `r${i}`,
    number: i + 1,
    date: '2026-10-02T07:40:00.000Z',
    reason: 'As before',
    minutes: 12,
    verdict: 'snug' as const,
    figures: [{ label: 'Kerf', value: '0.160 mm' }],
  }))
  return { ...job, id: `log-${count}`, log }
}

/** What a person waits for before anything is drawn. */
export async function benchQuick(browser: Browser, address: string): Promise<void> {
  console.log('\nUntil it is drawn, in a browser (medians of five)')
  const job = '#/job/demo-tray/shape'
  const empty = await five(() => until(browser, `${address}icon.svg`, 'svg'))
  const opened = await five(() => until(browser, `${address}${job}`, '[data-dimension=width] input'))
  row(
    'a job opened from nothing / an empty page',
    `${ms(opened)} / ${ms(empty)} = ${(opened / empty).toFixed(1)}`,
  )
  mustHold(
    opened / empty < 5,
    `a job opened from nothing takes ${(opened / empty).toFixed(1)} empty pages, not 5`,
  )

  const [one, hundred] = [logged(1), logged(100)]
  const logs = await withJobs(browser, address, [one, hundred])
  const article = 'article[aria-label^=Revision]'
  const times = [
    await drawn(logs, browser, `${address}#/job/${one.id}/log`, article),
    await drawn(logs, browser, `${address}#/job/${hundred.id}/log`, article),
  ]
  const longer = times[1] / times[0]
  row(
    'Log with 100 revisions / with one',
    `${ms(times[1])} / ${ms(times[0])} = ${longer.toFixed(2)} (limit 2)`,
  )
  mustHold(longer < 2, `Log with 100 revisions takes ${longer.toFixed(2)} times one, not 2`)
  await logs.context().close()

  const base = demo('specimen-tray')
  const many = (count: number): Job[] =>
    Array.from({ length: count }, (_, i) => ({ ...base, id: `job-${i}`, name: `Tray ${i}` }))
  const listed: number[] = []
  const found: number[] = []
  const shown: number[] = []
  for (const count of [10, 1000]) {
    const page = await withJobs(browser, address, many(count))
    const card = '[aria-label=Jobs] li'
    listed.push(await drawn(page, browser, address, card))
    const begun = performance.now()
    await page.getByLabel('Search the jobs').fill(`tray ${count - 3}`)
    await page
      .locator(card)
      .filter({ hasText: `Tray ${count - 3}` })
      .first()
      .waitFor()
    found.push(performance.now() - begun)
    shown.push(await drawn(page, browser, `${address}#/job/job-7/tune`, 'nav[aria-label=Traveller]'))
    await page.context().close()
  }
  for (const [what, [ten, thousand]] of [
    ['listed', listed],
    ['searched', found],
    ['one of them opened', shown],
  ] as const) {
    const times = thousand / ten
    row(`1,000 jobs ${what} / ten`, `${ms(thousand)} / ${ms(ten)} = ${times.toFixed(2)} (limit 3)`)
    mustHold(times < 3, `1,000 jobs ${what} take ${times.toFixed(2)} times ten, not 3`)
  }
}
