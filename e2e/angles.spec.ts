import { expect, test } from './fixtures'
import { openDemo } from './helpers'

test('by keys: a part is turned by degrees, and by its field; without leave for that it is told of', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'layout')
  await page.locator('[data-field=grain]').getByText('any way').click()
  const free = page.getByRole('switch', { name: 'At any angle, not only by quarter turns' })
  await free.focus()
  await page.keyboard.press('Space')
  await expect(free).toBeChecked()
  const part = page.locator('[data-part]').first()
  await part.focus()
  for (let i = 0; i < 3; i++) await page.keyboard.press('[')
  await page.keyboard.press('{')
  await expect(part).toHaveAccessibleName(/, turned by 15\.5°, pinned/)
  const angle = page.getByRole('textbox', { name: 'Angle' })
  await angle.fill('30')
  await angle.press('Enter')
  await expect(part).toHaveAccessibleName(/, turned by 30\.0°, pinned/)
  await free.focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('alert')).toContainText('is turned, and parts may not be')
})

test('straight edges of two parts are cut once where the maker wants it', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  await page.locator('[data-field=pieces-first]').selectOption('whole sheets')
  await page.locator('[data-field=grain]').getByText('any way').click()
  await page.getByRole('switch', { name: 'Straight edges of two parts are cut once' }).click()
  await expect(page.getByText('up to date')).toBeVisible()
  await page.getByRole('navigation', { name: 'Traveller' }).getByRole('link', { name: /Cut/ }).click()
  await expect(page.getByText(/^2 edges cut once for two parts/)).toBeVisible()
  // with bridges no line can be that of two parts
  await page.locator('[data-field=bridge-count] input').fill('2')
  await expect(page.getByText(/edges cut once for two parts/)).toBeHidden()
})
