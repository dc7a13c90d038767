import { expect, test } from '@playwright/test'
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
