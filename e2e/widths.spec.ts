import { LESSON_IDS } from '../core/course/outline'
import { expect, test, type Page } from './fixtures'
import { openDemo, STATIONS } from './helpers'

/**
 * WCAG 2.2, success criterion 2.5.8: targets are at least 24 by 24 CSS pixels; links in a sentence are not
 * counted.
 */
const LEAST = 24

const tooSmall = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const small: string[] = []
    for (const target of document.querySelectorAll('button, input, select, textarea, summary, a[href]')) {
      if (target.closest('.sr-only, [hidden]') || target.matches('p a, li p a')) continue
      const { width, height } = (target.closest('label') ?? target).getBoundingClientRect()
      if (width === 0 || getComputedStyle(target).visibility === 'hidden') continue
      if (Math.min(width, height) < least - 0.5) {
        small.push(`${target.getAttribute('aria-label') ?? target.textContent}: ${width} × ${height}`)
      }
    }
    return small
  }, LEAST)

/** How far the page, or its main part, reaches beyond the screen to the side, px. */
const sideways = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const main = document.querySelector('main')
    const root = document.documentElement
    return Math.max(root.scrollWidth - innerWidth, main ? main.scrollWidth - main.clientWidth : 0)
  })

async function standsWell(page: Page, what: string): Promise<void> {
  expect(await sideways(page), `${what} reaches to the side`).toBeLessThanOrEqual(0)
  expect(await tooSmall(page), `${what}: small targets`).toEqual([])
}

for (const [width, height] of [
  [390, 844],
  [768, 1024],
  [1280, 800],
]) {
  test(
    `every station at ${width} px: nothing off to the side, targets of 24 px`,
    { tag: width === 390 ? ['@space'] : [] },
    async ({ page }) => {
      await page.setViewportSize({ width, height })
      await openDemo(page, 'demo-tray')
      await page.goto('./')
      await expect(page.getByRole('list', { name: 'Jobs' }).locator('svg path').first()).toBeVisible()
      await standsWell(page, 'the list of jobs')
      for (const station of STATIONS) {
        await page.goto(`./#/job/demo-tray/${station}`)
        await expect(page.getByText('up to date')).toBeVisible()
        await expect(page.getByRole('main').locator('button, input').first()).toBeVisible()
        await standsWell(page, station)
        const here = page.getByRole('navigation', { name: 'Traveller' }).locator('[aria-current]')
        await expect(here, station).toBeInViewport({ ratio: 0.9 })
      }
      await page.goto('./#/job/demo-tray/measure/kerf')
      await expect(page.locator('#bench-reading')).toBeVisible()
      await standsWell(page, 'the kerf bench')
      await page.goto('./#/job/demo-tray/log/cut?cut=1')
      await expect(page.getByRole('region', { name: 'Beside another one' })).toBeVisible()
      await standsWell(page, 'the page of a cut')
      await page.goto('./#/job/demo-tray/measure/first')
      await expect(page.getByTestId('first-sheet')).toBeVisible()
      await standsWell(page, 'the first box')
      for (const shelf of ['', '/machines', '/orders', '/cuts']) {
        await page.goto(`./#/bench${shelf}`)
        await expect(page.getByRole('main').locator('input, table a').first()).toBeVisible()
        await standsWell(page, `the bench${shelf}`)
      }
      for (const lesson of LESSON_IDS) {
        await page.goto(`./#/learn/${lesson}`)
        await expect(page.locator('[data-lesson] svg').first()).toBeVisible()
        await standsWell(page, `the lesson ${lesson}`)
      }
      await page.goto('./#/teach')
      await expect(page.getByRole('heading', { name: 'Sheets to print' })).toBeVisible()
      await standsWell(page, 'the teacher’s page')
    },
  )
}

test('at twice the size everything is still there, one under the other', async ({ browser, baseURL }) => {
  const page = await (await browser.newContext({ baseURL, viewport: { width: 640, height: 400 } })).newPage()
  await openDemo(page, 'demo-tray')
  for (const station of STATIONS) {
    await page.goto(`./#/job/demo-tray/${station}`)
    await expect(page.getByText('up to date')).toBeVisible()
    expect(await sideways(page), station).toBeLessThanOrEqual(0)
    const control = page.getByRole('main').locator('button:visible, input:visible').last()
    // Drawings come after the rest and push it down: reach for it again until it stays.
    await expect(async () => {
      await control.scrollIntoViewIfNeeded()
      await expect(control, station).toBeInViewport({ timeout: 500 })
    }).toPass({ timeout: 15_000 })
  }
})

test('the strip of figures is whole at 1024 px, in millimetres and in inches', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 700 })
  await openDemo(page, 'demo-tray', 'shape')
  const inside = (): Promise<string[]> =>
    page.evaluate(() =>
      [...document.querySelectorAll('[data-testid^=strip-]')]
        .filter((figure) => {
          const { left, right } = figure.getBoundingClientRect()
          return left < 0 || right > innerWidth || figure.scrollWidth > figure.clientWidth + 1
        })
        .map((figure) => figure.textContent ?? ''),
    )
  await page.locator('[data-dimension=width] input').fill('1240.55')
  expect(await inside()).toEqual([])
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByRole('radio', { name: 'inches' }).click()
  await page.keyboard.press('Escape')
  expect(await inside()).toEqual([])
})
