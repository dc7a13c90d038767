import { test as newBrowser } from '@playwright/test'
import { expect, test } from './fixtures'
import { readFileSync } from 'node:fs'
import { DEMOS, demoFile, field, openDemo, settled } from './helpers'

test('the list: pictures, search, sort, a duplicate that changes without harm to the first', async ({
  page,
}) => {
  await page.goto('./')
  const jobs = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')
  await expect(jobs).toHaveCount(DEMOS.length)
  for (let i = 0; i < 9; i++) expect(await jobs.nth(i).locator('svg path').count()).toBeGreaterThan(3)
  await page.getByLabel('Search the jobs').fill('slip')
  await expect(jobs).toHaveCount(1)
  await page.getByLabel('Search the jobs').fill('')
  await page.getByLabel('Sort the jobs').selectOption('name')
  await expect(jobs.first()).toContainText('Cabinet for peat cores')
  await page.getByRole('button', { name: 'Duplicate Logger case, rain gauge 4' }).click()
  await expect(page.getByLabel('Name of the job')).toHaveValue('Logger case, rain gauge 4 (copy)')
  await page.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Shape/ }).click()
  await field(page, 'Width').fill('150')
  await settled(page)
  await page.goto('./#/job/demo-logger/shape')
  await expect(field(page, 'Width')).not.toHaveValue('150')
})

newBrowser(
  'a new browser: whoever opens one of the first jobs at once finds it, and the rest',
  async ({ page }) => {
    await page.goto('./', { waitUntil: 'commit' })
    // In the same breath in which the first of them is listed.
    await page.waitForFunction(() => {
      if (!document.querySelector('[aria-label=Jobs] li')) return false
      location.hash = '#/job/demo-instrument/shape'
      return true
    })
    await settled(page)
    await expect(page.getByLabel('Name of the job')).toHaveValue(/Instrument/)
    await page.getByRole('link', { name: 'All jobs' }).click()
    await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  },
)

test('everything goes out in one file and comes in again in another browser', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  await field(page, 'Width').fill('199')
  await settled(page)
  await page.getByRole('link', { name: 'All jobs' }).click()
  const exporting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Everything as one file' }).click()
  const file = await (await exporting).path()
  const other = await (await browser.newContext({ baseURL })).newPage()
  await other.goto('./')
  const jobs = other.getByRole('list', { name: 'Jobs' }).getByRole('listitem')
  await expect(jobs).toHaveCount(DEMOS.length)
  await other.getByLabel('Job file').setInputFiles(file)
  await expect(other.getByText(/jobs came in/)).toBeVisible()
  // theirs beside the one that was here
  await expect(jobs.filter({ hasText: 'Specimen tray' })).toHaveCount(2)
  await other.getByRole('link', { name: /Specimen tray, moss survey \(copy\)/ }).click()
  await other.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Shape/ }).click()
  await expect(field(other, 'Width')).toHaveValue('199')
})

test('copies made two: what was placed by hand stays where it is', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'layout')
  const part = page.locator('[data-part="left-1"]')
  await part.focus()
  await page.keyboard.press('Shift+ArrowUp')
  await expect(part).toHaveAttribute('aria-label', /pinned/)
  const place = /on sheet 1, [\d.]+ from left, [\d.]+ from below/
  const before = place.exec((await part.getAttribute('aria-label'))!)![0]
  await page.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Shape/ }).click()
  await field(page, 'Copies').fill('2')
  await settled(page)
  await page
    .getByRole('navigation', { name: 'Traveller' })
    .getByRole('link', { name: /Lay out/ })
    .click()
  await expect(part).toHaveAttribute('aria-label', new RegExp(before))
  await page.getByRole('button', { name: 'Lay out again' }).click()
  await settled(page)
  await expect(part).toHaveAttribute('aria-label', new RegExp(before))
  await expect(page.locator('[data-part="left-2"]')).toBeVisible()
})

test('a log of a hundred cuts draws those that are seen, and every one can be reached', async ({ page }) => {
  const like = {
    minutes: 12,
    verdict: 'snug',
    through: null,
    stuck: [],
    passed: null,
    measured: [],
    note: '',
    otherwise: { text: '', change: null },
    used: [],
    unbooked: null,
    mark: null,
    cut: null,
    planned: null,
    figures: [],
  }
  const log = Array.from({ length: 100 }, (_, i) => {
    const number = i + 1
    return { id: `r${number}`, number, date: '2026-10-02T07:40:00.000Z', reason: `Cut ${number}`, ...like }
  })
  const job = { ...(JSON.parse(readFileSync(demoFile('specimen-tray'), 'utf8')) as object), id: 'long', log }
  const file = { name: 'long.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(job)) }
  await page.goto('./')
  await page.getByLabel('Job file').setInputFiles(file)
  await page.waitForURL(/long/)
  await page.goto('./#/job/long/log')
  const cuts = page.getByRole('article')
  await expect(cuts.first()).toHaveAccessibleName('Revision 100')
  expect(await cuts.count()).toBeLessThan(40)
  // What is drawn on the way is as high as it is: the end is found by going there until it stays.
  await expect(async () => {
    await page.getByRole('main').evaluate((main) => main.scrollTo(0, main.scrollHeight))
    await expect(page.getByRole('article', { name: 'Revision 1', exact: true })).toBeInViewport({
      timeout: 500,
    })
  }).toPass({ timeout: 15_000 })
  expect(await cuts.count()).toBeLessThan(40)
})
