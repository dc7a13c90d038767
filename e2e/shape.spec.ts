import { expect, test } from '@playwright/test'
import { goTo, openDemo, settled } from './helpers'

test('a dimension on the drawing leads to its field, and a field lights its dimension', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const flat = page.getByRole('group', { name: 'Panels, flat, outside face up' })
  await flat.getByText('160.6').first().click()
  await expect(page.getByLabel('Depth', { exact: true })).toBeFocused()
  await expect(flat.locator('[stroke="var(--heather)"]').first()).toBeVisible()
  await page.getByLabel('Height', { exact: true }).hover()
  await page.getByRole('button', { name: 'Turn left' }).focus()
  await page.getByLabel('Height', { exact: true }).hover()
  await expect(flat.locator('[stroke="var(--heather)"]')).toHaveCount(4) // four walls show the height, the floor does not
})

test('three rules of sharing out show their real widths, and the working behind them', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const along = (text: string) =>
    page.getByRole('button', { name: new RegExp(`^Tabs along the width: ${text}`) })
  await expect(along('27 shares of 8.66 mm')).toBeVisible()
  await page.getByRole('radio', { name: /Fixed width/ }).click()
  await expect(along('25 shares of 9.00 mm')).toBeVisible()
  await along('25 shares').click()
  await expect(page.getByRole('dialog')).toContainText('(233.92 − 23 × 9) ÷ 2 = 13.460 mm at each end')
  await page.keyboard.press('Escape')
  await page.getByRole('radio', { name: /By count/ }).click()
  await expect(along('15 shares of 15.59 mm')).toBeVisible()
  await page.getByLabel('Floor', { exact: true }).fill('16')
  await expect(page.getByText('An even count makes the two ends of an edge differ')).toBeVisible()
  await page.getByLabel('Floor', { exact: true }).fill('99')
  await expect(page.getByText(/under one thickness: it may break/)).toBeVisible()
})

test('the strip tells by how much the last edit moved each figure', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await expect(page.getByTestId('strip-time')).not.toContainText('+')
  await page.getByLabel('Copies').fill('2')
  await expect(page.getByTestId('strip-parts')).toContainText('+5')
  await settled(page)
  await expect(page.getByTestId('strip-time')).toContainText(/\+\d+ (min|s)/)
  await page.getByRole('switch', { name: 'Closed with a top' }).click()
  await expect(page.getByTestId('strip-parts')).toContainText('+2')
  await page.keyboard.press('Control+Z')
  await expect(page.getByTestId('strip-parts')).toContainText('−2')
})

test('outer to inner and back is the same box; undo goes through every station', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.getByRole('radio', { name: 'inner' }).click()
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('233.92')
  await page.getByRole('radio', { name: 'outer' }).click()
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('240')
  await goTo(page, 'Lay out')
  await page.getByLabel('Gap between parts').fill('6')
  await settled(page)
  await goTo(page, 'Shape')
  await page.getByRole('button', { name: 'Undo' }).click()
  await goTo(page, 'Lay out')
  await expect(page.getByLabel('Gap between parts')).toHaveValue('3')
})
