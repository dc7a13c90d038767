import { expect, test } from '@playwright/test'
import { openDemo } from './helpers'

test('the board is looked at more closely, and a part found by name comes into the middle', async ({
  page,
}) => {
  await openDemo(page, 'demo-core-cabinet', 'layout')
  const board = page.getByRole('group', { name: 'Sheets with their parts' })
  const part = page.getByRole('button', { name: /^drawer floor 3 on sheet/ })
  const width = async (): Promise<number> => (await part.boundingBox())!.width
  const before = await width()
  await page.getByRole('button', { name: 'Closer' }).click()
  await expect.poll(width).toBeGreaterThan(1.4 * before)
  await page.getByText(/^All \d+ parts$/).click()
  await page.getByLabel('Find a part').fill('drawer floor 3')
  const list = page.getByRole('list', { name: 'Parts of this stock' })
  await expect(list.getByRole('listitem')).toHaveCount(1)
  await list.getByRole('button').click()
  await expect(page.getByRole('region', { name: 'Part drawer floor 3' })).toBeVisible()
  const [there, whole] = [(await part.boundingBox())!, (await board.boundingBox())!]
  expect(Math.abs(there.y + there.height / 2 - whole.y - whole.height / 2)).toBeLessThan(whole.height / 2)
  // by keys, from the part that has the focus: closer, and back to all of it
  await part.focus()
  await page.keyboard.press('+')
  await expect.poll(width).toBeGreaterThan(2 * before)
  await page.keyboard.press('0')
  await expect.poll(width).toBeLessThan(1.1 * before)
})

test('dragged while it is enlarged, a part goes where the hand goes', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  for (const _ of [1, 2]) await page.getByRole('button', { name: 'Closer' }).click()
  const part = page.getByRole('button', { name: /^floor on sheet/ })
  await part.focus()
  const from = (await part.boundingBox())!
  const [x, y] = [from.x + from.width / 2, from.y + from.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 30, y - 20, { steps: 4 })
  await page.mouse.up()
  const to = (await part.boundingBox())!
  expect(to.x - from.x).toBeCloseTo(30, -1)
  expect(to.y - from.y).toBeCloseTo(-20, -1)
})
