import { expect, test, type Locator, type Page } from '@playwright/test'
import { DEMOS, contentOf, field, goTo, settled, tabTo, typeInto } from './helpers'

/** Presses and fields, counted: what a person does. */
function counted() {
  let count = 0
  return {
    press: async (what: Locator) => {
      count++
      await what.click()
    },
    type: async (what: Locator, text: string, key = 'Tab') => {
      count++
      await what.fill(text)
      await what.press(key)
    },
    count: () => count,
  }
}
const writes = async (page: Page, press: () => Promise<void>): Promise<string> => {
  const writing = page.waitForEvent('download')
  await press()
  return contentOf(await writing)
}

test('in a browser that never saw it: from nothing to the cut file in 17 actions', async ({ page }) => {
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  const { press, type, count } = counted()
  await press(page.getByRole('button', { name: 'New job' }))
  const dialog = page.getByRole('dialog', { name: 'What do you want to make?' })
  await press(dialog.getByRole('button', { name: 'Box with a lid that lifts off' }))
  await type(field(page, 'Width'), '130')
  await type(field(page, 'Depth'), '90')
  await type(field(page, 'Height'), '45')
  await press(dialog.getByRole('button', { name: 'Make it' }))
  await type(field(page, 'Bed width'), '500')
  await type(field(page, 'Bed depth'), '300')
  await type(field(page, 'Laser power'), '55')
  await type(field(page, 'Left edge'), '3.02')
  await type(field(page, 'Middle'), '3.05')
  await type(field(page, 'Right edge'), '3.06')
  await expect(page.getByTestId('first-sheet')).toContainText('A sheet of 500 × 300 mm')
  const piece = await writes(page, () => press(page.getByRole('button', { name: 'Write the test piece' })))
  expect(piece).toContain('id="square-6"')
  await press(page.getByRole('button', { name: /^Square 4,/ }))
  await expect(page.getByTestId('first-setting')).toContainText('Cuts through at')
  await type(page.locator('#bench-reading'), '11.84', 'Enter')
  await type(page.locator('#bench-reading'), '11.82', 'Enter')
  await expect(page.getByTestId('first-setting')).toContainText('Kerf 0.170 mm')
  await settled(page)
  await expect(page.getByTestId('summary')).toContainText('Outside 136.1 × 96.1 × 54.1 mm, a lid')
  const cut = await writes(page, () => press(page.getByRole('button', { name: 'Write the cut files' })))
  expect(cut).toContain('kerf 0.170 mm full width')
  expect(count()).toBe(17)
  // It is kept: laser, sheet, three tests, and the kerf with the setting it was cut at.
  await page.reload()
  await expect(page.locator('[data-done=true]')).toHaveCount(4)
  await goTo(page, 'Tune')
  await expect(page.getByText('Tested on this stock', { exact: true })).toBeVisible()
  await goTo(page, 'Cut')
  await expect(page.getByRole('list', { name: 'Checks' }).locator('[data-state=stop]')).toHaveCount(0)
})

test('by keys alone, and over a reload; that nothing came free is a test too', async ({ page }) => {
  await page.goto('./')
  await page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').nth(9).waitFor()
  await tabTo(page, page.getByRole('button', { name: 'New job' }))
  await page.keyboard.press('Enter')
  await typeInto(page, field(page, 'Width'), '110')
  await page.keyboard.press('Enter')
  await typeInto(page, field(page, 'Bed width'), '15.75 in')
  await typeInto(page, field(page, 'Bed depth'), '400')
  await typeInto(page, field(page, 'Laser power'), '40')
  await typeInto(page, field(page, 'Left edge'), '30.2')
  // A slip is asked about where it is typed, and the sheet is not taken for that.
  await expect(
    page.locator('main').getByRole('alert').filter({ hasText: 'Did you mean 3.02 mm' }),
  ).toBeVisible()
  await typeInto(page, field(page, 'Left edge'), '3.02')
  await typeInto(page, field(page, 'Middle'), '3.04')
  await typeInto(page, field(page, 'Right edge'), '3.02')
  const write = page.getByRole('button', { name: 'Write the test piece' })
  await tabTo(page, write)
  const slow = await writes(page, () => page.keyboard.press('Enter'))
  await settled(page)
  await page.reload()
  const none = page.getByRole('button', { name: 'None fell out' })
  await tabTo(page, none)
  await page.keyboard.press('Enter')
  await expect(page.getByText('Nothing fell out: the next piece goes slower.')).toBeVisible()
  await tabTo(page, write)
  const slower = await writes(page, () => page.keyboard.press('Enter'))
  const quickest = (svg: string): number => Number(/square 1: ([\d.]+) mm\/s/.exec(svg)![1])
  expect(quickest(slower)).toBeLessThan(quickest(slow))
  await tabTo(page, page.getByRole('button', { name: /^Square 2,/ }))
  await page.keyboard.press('Enter')
  await typeInto(page, page.locator('#bench-reading'), '12.3')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/12.3 mm can hardly be right/)).toBeVisible()
  await typeInto(page, page.locator('#bench-reading'), '11.85')
  await page.keyboard.press('Enter')
  await page.keyboard.type('11.84')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('first-setting')).toContainText('Kerf 0.155 mm')
  // Taken back, it stays taken back.
  await page.keyboard.press('Control+Z')
  await expect(page.getByTestId('first-setting')).not.toContainText('Kerf')
})

test('on a phone no step is wider than the page, and its squares are as large as a finger', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await page.goto('./')
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByRole('button', { name: 'Make it' }).click()
  await field(page, 'Bed width').fill('300')
  await field(page, 'Left edge').fill('4.1')
  await writes(page, () => page.getByRole('button', { name: 'Write the test piece' }).click())
  const square = (await page.getByRole('button', { name: /^Square 1,/ }).boundingBox())!
  expect(Math.min(square.width, square.height)).toBeGreaterThan(44)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})
