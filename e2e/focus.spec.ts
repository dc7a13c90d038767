import { expect, test } from './fixtures'
import { DEMOS, openDemo } from './helpers'

test('what is deleted hands the focus on: to the next one, to the last, to what is left', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'measure')
  const readings = page.locator('[data-field=readings]').getByRole('button', { name: /^Remove/ })
  const before = await readings.count()
  await readings.nth(2).focus()
  const next = await readings.nth(3).getAttribute('aria-label')
  await page.keyboard.press('Enter')
  await expect(readings).toHaveCount(before - 1)
  await expect(readings.nth(2)).toBeFocused()
  await expect(readings.nth(2)).toHaveAttribute('aria-label', next!)
  await readings.last().focus()
  await page.keyboard.press('Enter')
  await expect(readings.last()).toBeFocused()
})

test('a job that is deleted hands it to the next in the list; a dialog gives it back', async ({ page }) => {
  await page.goto('./')
  const jobs = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')
  await expect(jobs).toHaveCount(DEMOS.length)
  await jobs
    .nth(2)
    .getByRole('button', { name: /^Delete/ })
    .focus()
  await page.keyboard.press('Enter')
  await expect(jobs).toHaveCount(DEMOS.length - 1)
  await expect(jobs.nth(2).getByRole('button', { name: /^Delete/ })).toBeFocused()
  const begin = page.getByRole('button', { name: 'New job' })
  await begin.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'What do you want to make?' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(begin).toBeFocused()
  await openDemo(page, 'demo-tray', 'shape')
  const help = page.getByRole('button', { name: 'Help' })
  await help.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog').getByRole('heading').first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(help).toBeFocused()
})

test('another station is a page of its own: nothing of it is given the focus', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.locator('[data-thing=lid]').focus()
  await page.keyboard.press('5')
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeVisible()
  expect(await page.evaluate(() => document.activeElement?.tagName)).toBe('BODY')
})
