import { expect, test } from './fixtures'
import { contentOf, field, goTo, openDemo, settled, typeInto } from './helpers'

test('from the cut to a price, by the hours typed, kept with the job, and a quote on paper', async ({
  page,
}) => {
  await openDemo(page, 'demo-rack', 'cut')
  await page.getByRole('link', { name: 'What it costs' }).click()
  const asked = page.getByTestId('asked')
  await expect(asked).toContainText('It costs you')
  await expect(page.getByRole('list', { name: 'Left out' })).toContainText('Your own hour counts for nothing')
  await typeInto(page, field(page, 'Your hour'), '30')
  await typeInto(page, field(page, 'The machine’s hour'), '12')
  await expect(page.getByRole('list', { name: 'Left out' })).toHaveCount(0)
  const each = async (): Promise<number> => parseFloat((await asked.locator('span').first().textContent())!)
  const before = await each()
  await typeInto(page, field(page, 'On top'), '100')
  await expect.poll(each).toBeCloseTo(2 * before, 1)
  // Of many one is cheaper, and all cost more.
  await typeInto(page, field(page, 'Boxes'), '3')
  await expect(page.getByRole('heading', { name: 'The price of 3 boxes' })).toBeVisible()
  const rows = page.getByRole('table').locator('tbody tr')
  await expect(rows).toHaveCount(4)
  await expect(rows.nth(3)).toContainText('€', { timeout: 60_000 })
  const ones = await rows.locator('td:first-of-type').allTextContents()
  const prices = ones.map((text) => parseFloat(text))
  expect(prices).toEqual([...prices].sort((a, b) => b - a))
  await page.getByLabel('Who asks').fill('Warden of the moor')
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Quote as PDF' }).click()
  const pdf = await contentOf(await waiting)
  expect(pdf.slice(0, 5)).toBe('%PDF-')
  await settled(page)
  await page.reload()
  await expect(page.getByLabel('Who asks')).toHaveValue('Warden of the moor')
  await expect(asked).toContainText('for all')
  await page.getByRole('link', { name: 'Back to Cut' }).click()
  await expect(page.getByRole('region', { name: 'The cut' })).toBeVisible()
})

test('bad figures are told of in place; on a phone, in inches, it is no wider than the page', async ({
  page,
}) => {
  await openDemo(page, 'demo-instrument', 'cut')
  await page.goto('./#/job/demo-instrument/cut/price')
  await expect(page.getByTestId('asked')).toBeVisible()
  await page.getByRole('button', { name: 'Add to what is bought' }).click()
  await expect(page.getByLabel('What', { exact: true })).not.toHaveCount(0)
  await typeInto(page, field(page, 'Your hour'), '-4')
  await expect(page.getByRole('alert').filter({ hasText: '0' })).toHaveCount(1)
  // Of two stocks, and many of them: each count has its price.
  await expect(page.getByRole('table').locator('tbody tr').nth(2)).toContainText('€', { timeout: 60_000 })
  await expect(page.getByRole('table').getByText('cannot be laid out')).toHaveCount(0)
  await page.setViewportSize({ width: 390, height: 844 })
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
  await page.setViewportSize({ width: 1280, height: 800 })
  await goTo(page, 'Build')
  await goTo(page, 'Cut')
  await expect(page.getByRole('region', { name: 'The cut' })).toBeVisible()
})
