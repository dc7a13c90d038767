import { expect, test, type Page } from './fixtures'
import axe from 'axe-core'
import { DEMOS, openDemo, STATIONS } from './helpers'

/** Less than serious to the engine, and still where a person who does not see the page loses the way. */
const WAYS = /^(heading-order|empty-table-header|page-has-heading-one|region|landmark-)/

/** What axe-core, an accessibility engine, finds that is serious or critical, or loses the way. */
async function seriousFindings(page: Page): Promise<string[]> {
  await page.evaluate(axe.source)
  const { violations } = await page.evaluate(() =>
    (globalThis as unknown as { axe: typeof axe }).axe.run(document),
  )
  return violations
    .filter(({ id, impact }) => impact === 'serious' || impact === 'critical' || WAYS.test(id))
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target }) => target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    )
}

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
      await page.goto('./')
      await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
      expect(await seriousFindings(page)).toEqual([])
      for (const station of STATIONS) {
        await openDemo(page, 'demo-logger', station)
        expect(await seriousFindings(page), station).toEqual([])
      }
      await openDemo(page, 'demo-tray', 'measure')
      await page.getByRole('link', { name: 'Measure the kerf' }).click()
      await expect(page.locator('#bench-reading')).toBeVisible()
      expect(await seriousFindings(page), 'kerf').toEqual([])
      await page.goto('./#/job/demo-tray/measure/first')
      await expect(page.getByTestId('first-sheet')).toBeVisible()
      expect(await seriousFindings(page), 'first box').toEqual([])
      await page.keyboard.press('Escape')
      await page.getByRole('button', { name: 'Help' }).focus()
      await page.keyboard.press('?')
      await expect(page.getByRole('heading', { name: 'Help' })).toBeVisible()
      expect(await seriousFindings(page), 'help').toEqual([])
      await page.goto('./#/bench')
      await expect(page.getByRole('navigation', { name: 'Stocks' }).getByRole('listitem')).toHaveCount(3)
      expect(await seriousFindings(page), 'bench').toEqual([])
      await page.getByRole('link', { name: 'Machines' }).click()
      expect(await seriousFindings(page), 'machines').toEqual([])
      await page.getByRole('link', { name: 'Order book' }).click()
      await expect(page.getByRole('list', { name: 'Machines' })).toBeVisible()
      expect(await seriousFindings(page), 'order book').toEqual([])
      await page.getByRole('link', { name: 'Every cut' }).click()
      await expect(page.getByRole('table')).toBeVisible()
      expect(await seriousFindings(page), 'every cut').toEqual([])
      await page.getByRole('table').getByRole('link').first().click()
      await expect(page.getByRole('region', { name: 'Beside another one' })).toBeVisible()
      expect(await seriousFindings(page), 'a cut').toEqual([])
      await page.goto('./#/learn')
      await page.getByRole('button', { name: /Find the setting/ }).click()
      expect(await seriousFindings(page), 'learn').toEqual([])
    },
  )
}
