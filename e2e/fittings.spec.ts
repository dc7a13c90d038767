import { expect, test } from './fixtures'
import { choose, field, openDemo, settled, tabTo, typeInto } from './helpers'

const proof = 'nothing overlaps, nothing missing'

test('kind → lid → add → change → take away → undo, and what a box cannot take says why', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'shape')
  await choose(page, 'fitting-pull')
  const pull = page.getByRole('region', { name: 'Pull in the front' })
  await expect(pull.getByRole('textbox', { name: 'Size of the pull' })).toBeVisible()
  await pull.getByRole('radio', { name: 'half-round' }).click()
  await expect(page.getByTestId('proof')).toContainText(proof)
  await expect(page.locator('[data-thing=fitting-pull]')).toContainText('half-round')
  // A lower front goes with plain walls.
  await choose(page, 'add')
  const front = page.getByRole('button', { name: 'Lower front' })
  await expect(front).toBeDisabled()
  await expect(page.getByText('A lower front goes with plain walls')).toBeVisible()
  await choose(page, 'fitting-pull')
  await pull.getByRole('button', { name: 'Remove the pull in the front' }).click()
  await expect(page.locator('[data-thing=fitting-pull]')).toHaveCount(0)
  await expect(page.locator('[data-thing=add]')).toBeFocused()
  await choose(page, 'add')
  await expect(front).toBeEnabled()
  await page.getByRole('button', { name: 'Undo' }).click()
  await choose(page, 'fitting-pull')
  await expect(pull.getByRole('radio', { name: 'half-round' })).toBeChecked()
  // Closed, the lid has the place of the opening; open again, nothing of it is left.
  await choose(page, 'lid')
  const lids = page.locator('[data-field=top]')
  await lids.getByRole('radio', { name: 'lies in a rebate' }).click()
  await expect(page.getByTestId('proof')).toContainText('the lid comes out')
  await typeInto(page, field(page, 'Rebate, depth into the walls'), '9')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('alert').filter({ hasText: 'would go through' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await lids.getByRole('radio', { name: 'open' }).click()
  await expect(field(page, 'Rebate, depth into the walls')).toHaveCount(0)
  await settled(page)
})

test('by keys alone: a fitting is added, the focus goes to its first figure', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'shape')
  await tabTo(page, page.locator('[data-thing=add]'))
  await page.keyboard.press('Enter')
  await tabTo(page, page.getByRole('button', { name: 'Arches along the rim' }))
  await page.keyboard.press('Enter')
  await expect(field(page, 'Arches along the rim, height')).toBeFocused()
  await expect(page.getByTestId('proof')).toContainText(proof)
})

test('on a phone: what is shut in or has no room is told of where the box is', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'fitting-pull')
  await expect(page.getByText('fingers have no room')).toBeVisible()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
})
