import { expect, test } from './fixtures'
import { goTo, openDemo } from './helpers'

test('by mouse: offcuts are used, what is left goes to the bench under its name', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  await expect(page.getByTestId('offcuts-used')).toHaveText('1')
  await expect(page.locator('[data-offcut]')).toHaveCount(1)
  await goTo(page, 'Log')
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const card = page.getByRole('region', { name: 'What it used and left over' })
  await expect(card).toContainText('Off the bench: 1 sheet and 1 offcut of Birch ply 3')
  // Laid out otherwise, it is not known any more what was left; undone, it is again.
  await goTo(page, 'Lay out')
  await page.locator('[data-field=pieces-first]').selectOption('whole sheets')
  await expect(page.getByTestId('sheets-used')).toHaveText('2')
  await goTo(page, 'Log')
  await page.getByRole('article', { name: 'Revision 1' }).getByRole('link').click()
  await expect(page.getByText(/The layout changed since this was cut/)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  const last = card.getByRole('listitem').last()
  await last.getByLabel('Written on it').fill('Rest of crate 7')
  await card.getByRole('button', { name: 'Take it off the bench' }).click()
  await expect(card).toHaveCount(0)
  await expect(
    page.getByText(/^Taken off the bench: 1 sheet and 1 offcut .* 2 pieces put there\.$/),
  ).toBeVisible()
  await page.goto('./#/bench')
  const shelf = page.getByRole('list', { name: 'Offcuts' })
  await expect(shelf.getByLabel('Written on it')).toHaveCount(4)
  await expect(shelf.getByLabel('Written on it').last()).toHaveValue('Rest of crate 7')
  await expect(page.getByLabel('Sheets at hand')).toHaveValue('3')
})

test('a piece with its corners: refused where its sides cross, then laid out on', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  await page.goto('./#/bench')
  const add = page.getByRole('form', { name: 'New offcut' })
  const corners = add.getByLabel('Or its corners')
  await corners.fill('0 0, 590 390, 590 0, 0 390')
  await add.getByRole('button', { name: 'Add' }).click()
  await expect(add.getByRole('alert')).toContainText('cross or touch')
  await corners.fill('0 0, 590 0, 590 300, 500 390, 0 390')
  await add.getByRole('button', { name: 'Add' }).click()
  await expect(page.getByRole('list', { name: 'Offcuts' })).toContainText('590 × 390 mm, 5 corners')
})

test('by keys: offcuts first, one left alone', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  const first = page.locator('[data-field=pieces-first]')
  await first.focus()
  await page.keyboard.press('ArrowUp')
  await expect(first).toHaveValue('whole sheets')
  await expect(page.getByTestId('sheets-used')).toHaveText('2')
  await page.keyboard.press('ArrowDown')
  await expect(page.getByTestId('offcuts-used')).toHaveText('1')
  for (let i = 0; i < 3; i++) await page.keyboard.press('Tab')
  await page.keyboard.press('Space')
  await expect(page.getByRole('checkbox').nth(2)).not.toBeChecked()
  await expect(page.getByTestId('sheets-used')).toHaveText('2')
})

test('what would save a sheet is found and done; a search goes on until it is stopped', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  await page.locator('[data-field=pieces-first]').selectOption('whole sheets')
  await expect(page.getByTestId('sheets-used')).toHaveText('2')
  await page.getByRole('button', { name: 'What would save a sheet?' }).click()
  const helps = page.getByRole('region', { name: 'What would save a sheet' })
  const grain = helps.getByRole('listitem').filter({ hasText: 'any way to the grain' })
  await expect(grain).toContainText('it takes 1 sheet less')
  await expect(grain).toContainText(/Costs \d+\.\d\d less · cut/)
  await grain.getByRole('button', { name: 'Do that' }).click()
  await expect(page.getByTestId('sheets-used')).toHaveText('1')
  await page.getByRole('button', { name: 'Search on' }).click()
  await expect(page.getByTestId('best-so-far').locator('svg').first()).toBeVisible()
  await expect(page.getByText(/^round [2-9]/)).toBeVisible()
  await page.getByRole('button', { name: 'Stop, keep the best' }).click()
  await expect(page.getByRole('button', { name: 'Search on' })).toBeVisible()
  await expect(page.getByTestId('sheets-used')).toHaveText('1')
  // what it began with can be taken again, and what it found
  const compare = page.getByRole('region', { name: 'Compare layouts' })
  await expect(compare.getByText(/^1 sheet, a piece of/)).toHaveCount(2)
  const before = compare.getByRole('button', { name: 'Take: Before the search' })
  if (await before.isEnabled()) await before.click()
  await expect(before).toBeDisabled()
  await compare.getByRole('button', { name: 'Close' }).click()
  await expect(compare).toBeHidden()
})

test('by keys: the sheet of another stock at hand is taken, and its kerf is asked for', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  await page.locator('[data-field=pieces-first]').selectOption('whole sheets')
  await expect(page.getByTestId('sheets-used')).toHaveText('2')
  await page.goto('./#/bench')
  await page.getByRole('button', { name: 'Add stock' }).press('Enter')
  for (const [label, text] of [
    ['Name of the stock', 'Large birch'],
    ['Sheet width', '900'],
    ['Sheet height', '600'],
    ['Price per sheet', '5'],
  ]) {
    const field = page.getByRole('textbox', { name: label })
    await field.fill(text)
    await field.press('Enter')
  }
  await page.goBack()
  await page.getByRole('button', { name: 'What would save a sheet?' }).press('Enter')
  const helps = page.getByRole('region', { name: 'What would save a sheet' })
  const large = helps.getByRole('listitem').filter({ hasText: 'Cut from Large birch' })
  await expect(large).toContainText('it takes 1 sheet of 900 × 600 mm, 1 at hand. Its kerf is not measured')
  await large.getByRole('button', { name: 'Do that' }).press('Enter')
  await expect(page.getByTestId('sheets-used')).toHaveText('1')
  await page.getByRole('button', { name: 'Undo' }).press('Enter')
  await expect(page.getByTestId('sheets-used')).toHaveText('2')
})
