import { expect, test } from './fixtures'
import { choose, DEMOS, field, goTo, line, newJob, openDemo, settled } from './helpers'

test('a dimension on the drawing leads to its field, and a field lights its dimension', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const flat = page.getByRole('group', { name: 'Panels, flat, outside face up' })
  await flat.getByText('160.6').first().click()
  await expect(field(page, 'Depth')).toBeFocused()
  await expect(flat.locator('[stroke="var(--heather)"]').first()).toBeVisible()
  await field(page, 'Height').hover()
  await page.getByRole('button', { name: 'Turn left' }).focus()
  await field(page, 'Height').hover()
  // four walls and five dividers show a height, the floor does not
  await expect(flat.locator('[stroke="var(--heather)"]')).toHaveCount(9)
})

test('rules per group of edges show their real widths, and the working behind them', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const along = (text: string) =>
    page.getByRole('button', { name: new RegExp(`^Tabs along the width: ${text}`) })
  const floor = page.locator('[data-field=tabs-floor]')
  const made = floor.getByTestId('shares')
  await expect(along('27 × 8.66 mm')).toBeVisible()
  await choose(page, 'floor')
  await floor.getByLabel('Floor: how').selectOption('fixed')
  await page.locator('[data-field=tabs-floor-width] input').fill('9')
  await expect(made.first()).toContainText('9.00 mm')
  await page.getByRole('button', { name: 'Close Floor' }).click()
  await along('').click()
  await expect(page.getByRole('dialog')).toContainText('(233.92 − 23 × 9) ÷ 2 = 13.460 mm')
  await page.keyboard.press('Escape')
  await choose(page, 'floor')
  await floor.getByLabel('Floor: how').selectOption('tabs')
  await page.locator('[data-field=tabs-floor-count] input').fill('3')
  await floor.getByLabel('Tabs stand on').selectOption({ index: 1 })
  const panels = await line(page, 'shape').textContent()
  await floor.getByLabel('Tabs stand on').selectOption({ index: 0 })
  await expect(line(page, 'shape')).toHaveText(panels!) // the fit is the same, whoever has the tabs
  await floor.getByLabel('Floor: how').selectOption('pattern')
  await floor.getByLabel('Tab, notch, tab …').fill('12, 8, 900')
  await expect(floor.getByRole('alert')).toBeVisible()
  await floor.getByLabel('Tab, notch, tab …').fill('12, 8, 12')
  await expect(floor.getByRole('alert')).toHaveCount(0)
  await expect(made.first()).toContainText('12.00')
  await choose(page, 'lid')
  await expect(page.locator('[data-field=tabs-top]')).toHaveCount(0) // an open box has no edges at a top
})

test('four inches high: seven shares of 4/7 in, one tab of 1/2 in per floor edge', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await field(page, 'Height').fill('4 in')
  await choose(page, 'corners')
  await page.getByLabel('Uprights: how').selectOption('shares')
  await page.locator('[data-field=tabs-uprights-count] input').fill('7')
  await page.locator('[data-field=uprights-over] select').selectOption('full')
  await choose(page, 'floor')
  await page.getByLabel('Floor: how').selectOption('centre')
  await page.locator('[data-field=tabs-floor-width] input').fill('1/2 in')
  await choose(page, 'corners')
  const uprights = page.locator('[data-field=tabs-uprights]').getByTestId('shares')
  await expect(uprights.first()).toContainText('14.51 mm') // 4 in ÷ 7 = 14.514 mm
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByRole('radio', { name: 'inches' }).click()
  await page.keyboard.press('Escape')
  await expect(uprights.first()).toContainText('0.571')
  await choose(page, 'floor')
  await expect(page.locator('[data-field=tabs-floor]').getByTestId('shares').first()).toContainText('0.5')
  await settled(page)
})

test('the strip tells by how much the last edit moved each figure', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await expect(page.getByTestId('strip-time')).not.toContainText('+')
  await field(page, 'Copies').fill('2')
  await expect(page.getByTestId('strip-parts')).toContainText('+10')
  await settled(page)
  await expect(page.getByTestId('strip-time')).toContainText(/\+\d+ (min|s)/)
  await choose(page, 'lid')
  await page.locator('[data-field=top]').getByRole('radio', { name: 'by fingers' }).click()
  await expect(page.getByTestId('strip-parts')).toContainText('+2')
  await page.keyboard.press('Control+Z')
  await expect(page.getByTestId('strip-parts')).toContainText('−2')
})

test('outer to inner and back is the same box; undo goes through every station', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.getByRole('radio', { name: 'inner' }).click()
  await expect(field(page, 'Width')).toHaveValue('233.92')
  await page.getByRole('radio', { name: 'outer' }).click()
  await expect(field(page, 'Width')).toHaveValue('240')
  await goTo(page, 'Lay out')
  await field(page, 'Gap between parts').fill('6')
  await settled(page)
  await goTo(page, 'Shape')
  await page.getByRole('button', { name: 'Undo' }).click()
  await goTo(page, 'Lay out')
  await expect(field(page, 'Gap between parts')).toHaveValue('3')
})

test('no column of Shape is taller than the screen; a plain box has at most sixteen controls', async ({
  page,
}) => {
  const form = page.getByRole('form', { name: 'Shape of the box' })
  for (const id of DEMOS) {
    await openDemo(page, id, 'shape')
    const over = await form.evaluate((column) => column.scrollHeight - column.clientHeight)
    expect([id, over]).toEqual([id, 0])
  }
  await page.goto('./')
  await newJob(page)
  await goTo(page, 'Shape')
  await expect(form.locator('[data-thing=lid]')).toBeVisible()
  expect(
    await form.locator('button, input, select, [role=radio], [role=switch]').count(),
  ).toBeLessThanOrEqual(16)
})

test('a thing is two presses away: its line, then its figure; Escape goes back to the line', async ({
  page,
}) => {
  await openDemo(page, 'demo-logger', 'shape')
  const detail = page.getByTestId('detail')
  await expect(detail).toHaveCount(0)
  await page.locator('[data-thing=lid]').click()
  await field(page, 'Play of the lid').fill('0.4')
  await expect(page.locator('[data-thing=lid]')).toHaveAttribute('aria-current', 'true')
  await expect(detail.getByRole('textbox', { name: 'Interference' })).toHaveCount(0)
  await page.locator('[data-thing=fit]').click()
  await expect(detail.getByRole('heading', { name: 'Fit' })).toBeFocused()
  await expect(field(page, 'Play of the lid')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await expect(detail).toHaveCount(0)
  await expect(page.locator('[data-thing=fit]')).toBeFocused()
  await page.setViewportSize({ width: 390, height: 844 })
  await page.locator('[data-thing=lid]').click()
  await expect(page.locator('[data-thing=lid]')).toBeHidden()
  await page.getByRole('button', { name: 'All of the box' }).click()
  await expect(page.locator('[data-thing=lid]')).toBeFocused()
})

test('a width typed once holds for all edges that are alike, until it is for one alone', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'corners')
  await page.locator('[data-field=tabs-uprights-width] input').fill('12')
  await choose(page, 'floor')
  const floor = page.locator('[data-field=tabs-floor-width] input')
  await expect(floor).toHaveValue('12')
  await page.getByRole('switch', { name: 'The same width along the uprights' }).click()
  await floor.fill('20')
  await expect(page.getByRole('switch', { name: /^The same width/ })).toHaveCount(0)
  await choose(page, 'corners')
  await expect(page.locator('[data-field=tabs-uprights-width] input')).toHaveValue('12')
})

test('what is chosen on the drawing shows its own figures', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.getByRole('button', { name: 'Choose floor' }).click()
  await expect(page.getByTestId('detail').getByRole('heading', { name: 'Floor' })).toBeVisible()
  await page.getByRole('button', { name: 'Show all panels' }).click()
  await page.getByRole('button', { name: 'Choose row 1' }).click()
  await expect(page.getByTestId('detail').getByRole('heading', { name: 'Dividers' })).toBeVisible()
})

test('what is wrong is said once: at the line, above the form, or at the field', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'floor')
  await page.locator('[data-field=floor-joint]').getByRole('radio', { name: 'in grooves' }).click()
  await page.locator('[data-field=floor-depth] input').fill('2.9')
  const wrong = page.getByRole('alert').filter({ visible: true })
  await expect(wrong).toHaveCount(1)
  await expect(page.getByTestId('detail').getByRole('alert')).toHaveCount(1)
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-thing=floor]').getByRole('alert')).toHaveCount(1)
  await expect(wrong).toHaveCount(1)
})
