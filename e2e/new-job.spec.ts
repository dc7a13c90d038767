import { expect, test } from './fixtures'
import { field, line, settled } from './helpers'

test('a new job asks what it is to be: found by its use, sized, and it stands in Shape', async ({ page }) => {
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(10)
  // One job of the maker's own: its machine and stock are those used last, not the field station's.
  await page.getByRole('button', { name: 'Duplicate Specimen tray, moss survey' }).click()
  await settled(page)
  await page.getByRole('link', { name: 'All jobs' }).click()
  await page.getByRole('button', { name: 'New job' }).click()
  const dialog = page.getByRole('dialog', { name: 'What do you want to make?' })
  await dialog.getByRole('searchbox', { name: 'What it is for' }).fill('organiser')
  // Enter takes the first that is found, and begins nothing.
  await page.keyboard.press('Enter')
  await expect(dialog.getByRole('button', { pressed: true })).toHaveCount(1)
  await expect(dialog.getByRole('button', { name: 'Make it' })).toBeVisible()
  const tray = dialog.getByRole('button', { name: 'Tray with lapped dividers' })
  await tray.click()
  await expect(tray).toHaveAttribute('aria-pressed', 'true')
  // A size that cannot be is refused where it is typed, and nothing is begun.
  await field(page, 'Columns').fill('4')
  await field(page, 'Cell width').fill('2')
  await field(page, 'Cell width').press('Tab')
  await expect(dialog.getByText(/5 to 1000|at least/)).toBeVisible()
  await field(page, 'Cell width').fill('40')
  await field(page, 'Cell width').press('Tab')
  await dialog.getByRole('button', { name: 'Make it' }).click()
  await settled(page)
  await expect(page.getByLabel('Name of the job')).toHaveValue('Tray with lapped dividers')
  // On the machine and from the stock of the job that was changed last, with what the bench knows of them.
  await expect(line(page, 'measure')).toContainText('readings')
  await expect(line(page, 'shape')).toContainText('%')
})
test('on a phone it is one page, and a kind that nobody knows is told of', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await page.goto('./')
  await page.getByRole('button', { name: 'New job' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('searchbox').fill('zeppelin')
  await expect(dialog.getByText('No kind is called that.')).toBeVisible()
  await dialog.getByRole('searchbox').fill('')
  await expect(dialog.getByRole('button', { name: /Cabinet with drawers/ })).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
})
