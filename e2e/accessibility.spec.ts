import type { Locator } from '@playwright/test'
import { expect, test } from './fixtures'
import { axeFindings, DEMOS, field, openDemo, RULES_OF_COLOUR, STATIONS } from './helpers'

for (const colorScheme of ['light', 'dark'] as const) {
  test(
    `no serious finding on any station, ${colorScheme}`,
    { tag: colorScheme === 'light' ? ['@space'] : [] },
    async ({ browser, baseURL }) => {
      const page = await (
        await browser.newContext({
          colorScheme,
          baseURL,
          viewport: { width: 1280, height: 800 },
          reducedMotion: 'reduce',
        })
      ).newPage()
      const found = (): Promise<string[]> =>
        axeFindings(page, colorScheme === 'light' ? undefined : RULES_OF_COLOUR)
      await page.goto('./')
      await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
      expect(await found()).toEqual([])
      for (const station of STATIONS) {
        await openDemo(page, 'demo-logger', station)
        expect(await found(), station).toEqual([])
      }
      await openDemo(page, 'demo-tray', 'measure')
      await page.getByRole('link', { name: 'Measure the kerf' }).click()
      await expect(page.locator('#bench-reading')).toBeVisible()
      expect(await found(), 'kerf').toEqual([])
      await page.goto('./#/job/demo-tray/measure/first')
      await expect(page.getByTestId('first-sheet')).toBeVisible()
      expect(await found(), 'first box').toEqual([])
      await page.keyboard.press('Escape')
      await page.getByRole('button', { name: 'Help' }).focus()
      await page.keyboard.press('?')
      await expect(page.getByRole('heading', { name: 'Help' })).toBeVisible()
      expect(await found(), 'help').toEqual([])
      await page.goto('./#/bench')
      await expect(page.getByRole('navigation', { name: 'Stocks' }).getByRole('listitem')).toHaveCount(3)
      expect(await found(), 'bench').toEqual([])
      await page.getByRole('link', { name: 'Machines' }).click()
      expect(await found(), 'machines').toEqual([])
      await page.getByRole('link', { name: 'Order book' }).click()
      await expect(page.getByRole('list', { name: 'Machines' })).toBeVisible()
      expect(await found(), 'order book').toEqual([])
      await page.getByRole('link', { name: 'Every cut' }).click()
      await expect(page.getByRole('table')).toBeVisible()
      expect(await found(), 'every cut').toEqual([])
      await page.getByRole('table').getByRole('link').first().click()
      await expect(page.getByRole('region', { name: 'Beside another one' })).toBeVisible()
      expect(await found(), 'a cut').toEqual([])
      await page.goto('./#/learn')
      await expect(page.locator('[data-lesson]')).toBeVisible()
      expect(await found(), 'learn').toEqual([])
    },
  )
}

test('where the system sets all colours, what is chosen and switched on is told apart', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await openDemo(page, 'demo-tray', 'tune')
  const ground = (target: Locator): Promise<string> =>
    target.evaluate((element) => getComputedStyle(element).backgroundColor)
  const here = page.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Tune/ })
  const there = page.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Build/ })
  expect(await ground(here)).not.toBe(await ground(there))
  const air = page.getByRole('switch', { name: 'Air on' })
  const on = await ground(air)
  await air.click()
  expect(await ground(air)).not.toBe(on)
  await openDemo(page, 'demo-tray', 'shape')
  const outer = page.getByRole('radio', { name: 'outer' })
  const inner = page.getByRole('radio', { name: 'inner' })
  expect(await ground(outer)).not.toBe(await ground(inner))
  const ink = await outer.evaluate((element) => getComputedStyle(element).color)
  expect(ink).not.toBe(await ground(outer))
  // A line of what the box is made of, chosen.
  await page.locator('[data-thing=floor]').click()
  const lines = page.locator('[data-thing=floor], [data-thing=fit]')
  expect(await ground(lines.nth(0))).not.toBe(await ground(lines.nth(1)))
})

test('figures ask a phone for digits, words for letters; lengths take units and sums', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'tune')
  await expect(field(page, 'Power')).toHaveAttribute('inputmode', 'decimal')
  await expect(field(page, 'Speed')).toHaveAttribute('inputmode', 'text')
  await page.goto('./#/job/demo-tray/measure/kerf')
  await expect(page.locator('#bench-reading')).toHaveAttribute('inputmode', 'decimal')
})
