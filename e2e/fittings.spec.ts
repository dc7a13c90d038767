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
  await expect(front).toHaveCount(0)
  await expect(page.locator('[data-field=add-rim]')).toHaveText(/^Lower front/)
  await expect(page.getByText('A lower front goes with plain walls')).toBeVisible()
  await choose(page, 'fitting-pull')
  await pull.getByRole('button', { name: 'Remove the pull in the front' }).click()
  await expect(page.locator('[data-thing=fitting-pull]')).toHaveCount(0)
  await expect(page.locator('[data-thing=add]')).toBeFocused()
  await choose(page, 'add')
  await expect(front).toBeVisible()
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

test('what can be added is drawn on this very box: what comes with it, and what it changes', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'add')
  const drawn = (name: string, colour: 'added' | 'changed') =>
    page
      .getByRole('button', { name })
      .locator(`path[fill*="--heather"]${colour === 'added' ? ':not' : ':is'}([fill*="22%"])`)
  await expect(drawn('Lining above the rim', 'added').first()).toBeVisible()
  await expect(drawn('Pull in the front', 'changed').first()).toBeVisible()
  await expect(drawn('Pull in the front', 'added')).toHaveCount(0)
  // The dividers stand in the way of a lower front: nothing is drawn, and it says what would mend it.
  await expect(page.getByRole('button', { name: 'Lower front' })).toHaveCount(0)
  await expect(page.getByText('The dividers are higher than the room inside.')).toBeVisible()
})
