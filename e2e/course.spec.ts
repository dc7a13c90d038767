import { expect, test, type Page } from './fixtures'
import { field, tabTo, typeInto } from './helpers'

const outcome = (page: Page) => page.getByTestId('outcome')
const check = (page: Page) => page.getByRole('button', { name: 'Check the answer' })

test('the kerf from readings: half of it is told by its name, right is kept after a reload', async ({
  page,
}) => {
  await page.goto('./')
  await page.getByRole('link', { name: 'Learn on a simulated laser' }).click()
  const readings = (await page.getByTestId('course-readings').innerText()).match(/\d+\.\d+/g)!.map(Number)
  const kerf = readings.reduce((sum, each) => sum + each, 0) / readings.length / 10
  const put = async (full: number, side: number) => {
    await field(page, 'Kerf, full width').fill(full.toFixed(3))
    await field(page, 'Compensation per side').fill(side.toFixed(3))
    await check(page).click()
  }
  await put(kerf / 2, kerf / 4)
  await expect(outcome(page)).toContainText('compensation per side')
  await put(kerf, kerf / 2)
  await expect(outcome(page)).toContainText('Right')
  await expect(page.getByTestId('course-done')).toHaveText('1 of 6 done')
  await page.reload()
  await expect(page.getByTestId('course-done')).toHaveText('1 of 6 done')
  // It goes on where one was: with the setting, tried on the machine.
  await expect(page.getByRole('heading', { name: '2. Find the setting' })).toBeVisible()
  await field(page, 'Speed of a test cut').fill('60')
  await page.getByRole('button', { name: 'Make the test cut' }).click()
  await expect(page.getByRole('list', { name: 'Test cuts' })).toContainText('not through')
  await expect(page.getByText('3 left')).toBeVisible()
})

test('on a phone, by keys: the order of a cut, put right', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 780 })
  await page.goto('./#/learn')
  await tabTo(page, page.getByRole('button', { name: /Outline before holes/ }))
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: '4. Outline before holes' })).toBeFocused()
  const press = async (name: string) => {
    await tabTo(page, page.getByRole('button', { name }))
    await page.keyboard.press('Enter')
  }
  const first = page.locator('[data-exercise] li').first()
  for (let i = 0; i < 3 && !(await first.innerText()).includes('engrave the words'); i++)
    await press('engrave the words earlier')
  const last = page.locator('[data-exercise] li').last()
  for (let i = 0; i < 3 && !(await last.innerText()).includes('cut the outline'); i++)
    await press('cut the outline later')
  await tabTo(page, check(page))
  await page.keyboard.press('Enter')
  await expect(outcome(page)).toContainText('Right')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
})

test('a box from a sketch, by the calipers', async ({ page }) => {
  await page.goto('./#/learn')
  await page.getByRole('button', { name: /From sketch to box/ }).click()
  const story = await page.getByText('A tray without a lid').innerText()
  const [width, depth, height] = story.match(/\d+(?:\.\d+)?/g)!.map(Number)
  const thickness = Number(
    /calipers say (\d\.\d+)/.exec(await page.getByText('calipers say').innerText())![1],
  )
  await typeInto(page, field(page, 'Width outside'), String(width + 2 * thickness))
  await typeInto(page, field(page, 'Depth outside'), String(depth + 2 * thickness))
  await typeInto(page, field(page, 'Height outside'), String(height + thickness))
  await page.keyboard.press('Enter')
  await expect(outcome(page)).toContainText('Right')
  await page.getByRole('button', { name: 'Other figures' }).click()
  await expect(field(page, 'Width outside')).toHaveValue('')
})
