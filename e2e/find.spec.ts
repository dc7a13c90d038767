import { expect, test } from './fixtures'
import { runs } from '../scripts/testing/runs'
import { FIELDS } from '../web/shell/fields'
import { choose, openDemo } from './helpers'

// Fields of one form are found alike: the check tries each eighth one, `--all` every one.
const asked = FIELDS.filter((_, i) => i % Math.ceil(FIELDS.length / runs(FIELDS.length)) === 0)
const HALF = Math.ceil(asked.length / 2)
for (const [half, fields] of [asked.slice(0, HALF), asked.slice(HALF)].entries())
  test(`Find puts the focus into the fields, half ${half + 1}`, async ({ page }) => {
    test.setTimeout(240_000)
    await openDemo(page, 'demo-tray')
    const missed: string[] = []
    for (const { id, label, station, behind } of fields) {
      await page.keyboard.press('/')
      const words = page.getByRole('dialog').getByRole('combobox')
      await words.fill(label)
      const option = page.getByRole('option').filter({ hasText: label }).filter({ hasText: /·/ }).first()
      await option.click()
      const places = [id, behind ?? id].map(
        (each) => `[data-field="${each}"]:focus, [data-field="${each}"] :focus`,
      )
      const focused = page.locator(places.join(', '))
      await focused
        .first()
        .waitFor({ state: 'attached', timeout: 5000 })
        .catch(() => missed.push(`${id} in ${station}`))
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
      await expect(page.getByRole('dialog')).toHaveCount(0)
    }
    expect(missed).toEqual([])
  })

test('a word of the trade leads to its meaning, by Find and from its field', async ({ page }) => {
  await openDemo(page, 'demo-tray')
  await page.keyboard.press('/')
  await page.getByRole('dialog').getByRole('combobox').fill('what is kerf')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Words of the trade' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.goto('./#/job/demo-tray/shape')
  await choose(page, 'fit')
  await page.getByRole('button', { name: /^What is interference/ }).click()
  await expect(page.getByRole('dialog').locator('[aria-current=true]')).toContainText('nterference')
})

test('stocks, machines and jobs are found by name', async ({ page }) => {
  await openDemo(page, 'demo-tray')
  await page.keyboard.press('/')
  await page.getByRole('dialog').getByRole('combobox').fill('logger')
  await page.getByRole('option').filter({ hasText: 'Logger case' }).first().click()
  await expect(page.getByLabel('Name of the job')).toHaveValue('Logger case, rain gauge 4')
})
