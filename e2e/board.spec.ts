import { expect, test } from './fixtures'
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
  await expect.poll(width).toBeLessThan(1.4 * before)
})

test('dragged while it is enlarged, a part goes where the hand goes', async ({ page }) => {
  await openDemo(page, 'demo-crate', 'layout')
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Closer' }).click()
  const part = page.getByRole('button', { name: /^back on sheet/ })
  await part.focus()
  const place = async (): Promise<{ x: number; y: number }> => {
    const said = (await part.getAttribute('aria-label'))!
    const [x, y] = [/([\d.-]+) from left/, /([\d.-]+) from below/].map((at) => Number(at.exec(said)![1]))
    return { x, y }
  }
  const before = await place()
  const from = (await part.boundingBox())!
  const [x, y] = [from.x + from.width / 2, from.y + from.height / 2]
  await page.keyboard.down('Alt') // drawn to nothing
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 20, y - 40, { steps: 4 })
  await page.mouse.up()
  await page.keyboard.up('Alt')
  const after = await place()
  expect(after.y).toBeGreaterThan(before.y + 10)
  // as the hand went, where nothing is in the way
  expect((after.x - before.x) / (after.y - before.y)).toBeCloseTo(0.5, 1)
})

test('put down a little off the margin, a part is drawn to it; each sheet says what it comes to', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'layout')
  const facts = page.getByTestId('sheet-facts').first()
  await expect(facts).toHaveText(/^\d+ % used · \d+ min \d\d s · costs \d+\.\d\d · .* left/)
  const part = page.getByRole('button', { name: /^back on sheet/ })
  await part.focus()
  const panel = page.getByRole('region', { name: 'Part back' })
  for (const [field, figure] of [
    ['Sheet', '3'],
    ['From left', '7'],
    ['From below', '60'],
  ]) {
    await panel.getByLabel(field).fill(figure)
    await panel.getByLabel(field).press('Enter')
  }
  await expect(part).toHaveAccessibleName(/, 7 from left/)
  const from = (await part.boundingBox())!
  const [x, y] = [from.x + from.width / 2, from.y + from.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x - 2, y - 1, { steps: 3 })
  await page.mouse.up()
  await expect(part).toHaveAccessibleName(/, 5 from left/)
})

test('on a phone each part is named in letters of 12 px, by its number where its name has no room', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDemo(page, 'demo-tray', 'layout')
  const said = (): Promise<{ words: string; px: number }[]> =>
    page.locator('[data-part] text').evaluateAll((all) =>
      (all as SVGTextElement[]).map((text) => {
        const { a, b } = text.getScreenCTM()!
        return {
          words: text.textContent!.trim(),
          px: Number(text.getAttribute('font-size')) * Math.hypot(a, b),
        }
      }),
    )
  await expect.poll(async () => (await said()).length).toBe(10)
  const small = await said()
  for (const { words, px } of small) expect([words, px > 11.8]).toEqual([words, true])
  expect(small.map(({ words }) => words)).toContain('floor')
  const number = small.map(({ words }) => words).find((words) => /^\d+$/.test(words))!
  await page.getByText('All 10 parts').click()
  const row = page
    .getByRole('list', { name: 'Parts of this stock' })
    .getByRole('listitem')
    .nth(+number - 1)
  const name = (await row.getByRole('button').innerText()).replace(/^\d+\s+|\s+sheet.*$/g, '')
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Closer' }).click()
  await expect.poll(async () => (await said()).map(({ words }) => words)).toContain(name)
})
