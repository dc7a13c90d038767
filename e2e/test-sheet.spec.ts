import { expect, test } from './fixtures'
import { contentOf, openDemo, settled, tabTo } from './helpers'

test('a test sheet: made where it tells most, written, its squares tapped, written down, undone', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'tune')
  const before = (await page.getByTestId('cut-odds').textContent())!
  await page.getByRole('textbox', { name: 'Squares' }).fill('6')
  await page.getByRole('textbox', { name: 'Squares' }).press('Tab')
  await page.getByRole('button', { name: 'Make a test sheet' }).click()
  await expect(page.getByText(/your offcut .* is large enough/)).toBeVisible()
  for (const [name, sign] of [
    ['SVG', 'id="square-1"'],
    ['G-code', '; square 6'],
  ]) {
    await page.getByRole('radio', { name, exact: true }).click()
    const writing = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Write the test sheet' }).click()
    expect(await contentOf(await writing)).toContain(sign)
  }
  // It is still there when one comes back from the laser.
  await settled(page)
  await page.reload()
  const squares = page.getByRole('group', { name: 'Squares of the test sheet' })
  const mean = page.getByRole('radiogroup', { name: 'What a tap means' })
  await mean.getByRole('radio', { name: 'not through' }).click()
  await squares.getByRole('button', { name: /^Square 1,/ }).click()
  await squares.getByRole('button', { name: /^Square 2,/ }).click()
  await squares.getByRole('button', { name: /^Square 2,/ }).click()
  await expect(squares.getByRole('button', { name: /^Square 2,.*%, 1 pass$/ })).toBeVisible()
  await mean.getByRole('radio', { name: 'clean' }).click()
  // By keys as well.
  const last = squares.getByRole('button', { name: /^Square 6,/ })
  await tabTo(page, last)
  await page.keyboard.press('Space')
  await expect(last).toHaveAccessibleName(/: clean$/)
  await page.getByRole('button', { name: 'Write down 2 of 6' }).click()
  await expect(page.getByText('2 tests written down.')).toBeVisible()
  await expect(page.getByTestId('cut-odds')).toContainText('7 tests')
  expect(await page.getByTestId('cut-odds').textContent()).not.toBe(before)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('cut-odds')).toHaveText(before)
  await expect(squares).toBeVisible()
})

test('on a phone its squares are as large as a finger, and one hand is enough', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await openDemo(page, 'demo-field-book', 'tune')
  await page.getByRole('button', { name: 'Make a test sheet' }).click()
  const first = page.getByRole('button', { name: /^Square 1,/ })
  const box = (await first.boundingBox())!
  expect(Math.min(box.width, box.height)).toBeGreaterThan(44)
  await first.click()
  await page.getByRole('button', { name: 'Write down 1 of 9' }).click()
  await expect(page.getByText('1 test written down.')).toBeVisible()
})

test('patches of engraving: the best one is taken; pockets are measured one by one', async ({ page }) => {
  await openDemo(page, 'demo-field-book', 'tune')
  await page.getByRole('radio', { name: 'engraving', exact: true }).click()
  await page.getByRole('button', { name: 'Make a test sheet' }).click()
  await page.getByRole('button', { name: /^Square 2,/ }).click()
  await page.getByRole('button', { name: 'Engrave as patch 2' }).click()
  await expect(page.getByRole('button', { name: 'Make a test sheet' })).toBeVisible()
  await openDemo(page, 'demo-logger', 'tune')
  await page.getByRole('radio', { name: 'pockets', exact: true }).click()
  await page.getByRole('button', { name: 'Make a test sheet' }).click()
  await page.getByRole('button', { name: /^Square 1,/ }).click()
  const depth = page.getByRole('textbox', { name: 'Depth of pocket 1' })
  await depth.fill('1.2')
  await depth.press('Enter')
  await expect(page.getByRole('list', { name: 'Test pockets' }).getByText('1.20 mm deep')).toBeVisible()
})

test('tests go out as a table and come in again; a wrong row is refused whole', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'tune')
  const rows = page.getByRole('region', { name: 'Tests', exact: true }).getByRole('row')
  const count = await rows.count()
  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Tests as CSV' }).click(),
  ])
  const text = await contentOf(table)
  expect(text.split('\n')[0]).toContain('speed mm/s,power %')
  const give = (name: string, content: string): Promise<void> =>
    page
      .getByLabel('File of tests')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) })
  await give('shed.csv', text.replace(/,clean/, ',splendid'))
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was taken from the table' })).toBeVisible()
  await expect(rows).toHaveCount(count)
  await give('shed.csv', text)
  await expect(page.getByText(`${count - 1} tests taken from shed.csv.`)).toBeVisible()
  await expect(rows).toHaveCount(2 * count - 1)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(rows).toHaveCount(count)
})
