import { expect, test } from './fixtures'
import { field, typeInto } from './helpers'

test('a list of things becomes a tray: chosen among those found, made, and its cells are in Shape', async ({
  page,
}) => {
  await page.goto('./')
  await page.getByRole('button', { name: 'New job' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('What it is for').fill('what goes in')
  await dialog.getByRole('button', { name: 'Tray for given things' }).click()
  const list = dialog.getByRole('textbox', { name: 'What goes in, one kind a line' })
  const trays = dialog.getByRole('group', { name: 'Trays that take them' }).getByRole('button')
  await expect(trays).toHaveCount(3)
  await list.fill('6 of 40')
  await expect(dialog.getByRole('alert')).toContainText('“6 of 40” cannot be read')
  await dialog.getByRole('button', { name: 'Make it' }).click()
  await expect(dialog.getByRole('alert')).toHaveCount(1)
  await list.fill('6 of 40 × 25 × 20')
  await dialog.getByRole('radio', { name: 'one a cell' }).click()
  await field(page, 'Finger room').fill('0')
  // By hand: 2 × 3 cells of 40 × 25 with walls of 3 are 83 × 81, in 3 × 2 they are 126 × 53.
  await expect(trays.filter({ hasText: '83 mm × 81 mm' })).toHaveAttribute('aria-pressed', 'true')
  await expect(trays.filter({ hasText: '126 mm × 53 mm' })).toHaveCount(1)
  await trays.filter({ hasText: '126 mm × 53 mm' }).click()
  await dialog.getByRole('button', { name: 'Make it' }).click()
  await expect(page.getByText('126.0 × 53.0 × 25.0 mm')).toBeVisible()
})

test('by keys, in inches, on a phone: no wider than the page', async ({ page }) => {
  await page.goto('./')
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByRole('radio', { name: 'inches' }).click()
  await page.keyboard.press('Escape')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.getByRole('button', { name: 'New job' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Tray for given things' }).focus()
  await page.keyboard.press('Enter')
  const list = dialog.getByRole('textbox', { name: 'What goes in, one kind a line' })
  await typeInto(page, list, '2 of 2 × 1 × 1/2')
  const tray = dialog.getByRole('group', { name: 'Trays that take them' }).getByRole('button').first()
  await expect(tray).toContainText('in')
  const box = (await tray.boundingBox())!
  expect(box.x + box.width).toBeLessThanOrEqual(390)
  await dialog.getByRole('button', { name: 'Other kinds' }).click()
  await expect(dialog.getByRole('button', { name: 'Plain box' })).toBeVisible()
})
