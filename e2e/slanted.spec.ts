import { expect, test } from './fixtures'
import { choose, contentOf, field, goTo, openDemo, settled, tabTo, typeInto } from './helpers'

const panels = '[data-panel]'

test('a box with six walls: from the kind to eight leaning ones with a lid, and back by undo', async ({
  page,
}) => {
  await page.goto('./')
  await page.getByRole('button', { name: 'New job' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('searchbox', { name: 'What it is for' }).fill('hexagon')
  await dialog.getByRole('button', { name: 'Box with 3 to 12 equal walls' }).click()
  await dialog.getByRole('textbox', { name: 'Side' }).fill('80')
  await dialog.getByRole('button', { name: 'Make it' }).click()
  await expect(page.getByLabel('Name of the job')).toHaveValue('Box with 3 to 12 equal walls')
  await goTo(page, 'Shape')
  await expect(page.getByText('7 parts, nothing overlaps, nothing missing')).toBeVisible()
  await expect(page.locator(panels)).toHaveCount(7)

  await choose(page, 'plan')
  // 120° and a sheet of 3: an open wedge of 3·cot 60° = 1.7 mm.
  await expect(page.getByTestId('slants')).toContainText('120°: an open wedge of 1.7 mm')
  await field(page, 'How many walls').fill('8')
  await expect(page.locator(panels)).toHaveCount(9)
  await field(page, 'Walls lean outward by').fill('10')
  await expect(page.getByText('9 parts, nothing overlaps, nothing missing')).toBeVisible()
  await page.getByRole('radio', { name: 'proud, to be sanded' }).click()
  await expect(page.getByTestId('slants')).toContainText('ends')
  await choose(page, 'lid')
  await page
    .locator('[data-field=top]')
    .getByRole('radio', { name: /lifts off/ })
    .click()
  await expect(page.locator(panels)).toHaveCount(11)
  await expect(page.getByLabel('Open the lid')).toBeVisible()
  await settled(page)
  for (let i = 0; i < 2; i++) await page.keyboard.press('Control+Z')
  await expect(page.locator(panels)).toHaveCount(9)
})

test('what cannot be made says why at its own field, and nothing is lost', async ({ page }) => {
  await openDemo(page, 'demo-planter', 'shape')
  await choose(page, 'plan')
  const detail = page.getByTestId('detail')
  const lean = field(page, 'Walls lean outward by')
  await lean.fill('-40')
  await expect(detail.getByRole('alert')).toContainText('Nothing is left of wall 1 at the rim')
  await lean.fill('steep')
  await expect(detail.getByRole('alert').last()).toContainText('“steep” cannot be read')
  await lean.fill('11')
  await expect(detail.getByRole('alert')).toHaveCount(0)
  await detail.getByRole('radio', { name: 'by lengths' }).click()
  await expect(page.getByTestId('closing')).toContainText(
    'The last wall closes the plan: 110.0 mm, at 90° and 90°',
  )
  await field(page, 'Lengths of the walls').fill('160, 60, 90, 70, 70')
  await field(page, 'Angles inside').fill('90, 90, 270, 90')
  await field(page, 'Walls lean outward by').fill('0')
  await expect(page.getByText('7 parts, nothing overlaps, nothing missing')).toBeVisible()
  await detail.getByRole('radio', { name: 'rectangle' }).click()
  await expect(page.locator('[data-field=width]')).toBeVisible()
})

test('dividers are typed by the walls that they stand between', async ({ page }) => {
  await openDemo(page, 'demo-vial-rack', 'shape')
  await choose(page, 'plan')
  const dividers = field(page, 'Dividers from wall to wall')
  await dividers.fill('1-4, 2-5, 3-6')
  await expect(page.locator(panels)).toHaveCount(11)
  await expect(page.getByText('11 parts, nothing overlaps, nothing missing')).toBeVisible()
  await dividers.fill('1-4, 2-2')
  await expect(page.getByTestId('detail').getByRole('alert')).toContainText('Divider 2 cannot stand there')
  await dividers.fill('one to four')
  await expect(page.getByTestId('detail').getByRole('alert').last()).toContainText('Type it so: 1-4, 2-5')
})

test('a rack with six sides is laid out, cut, and built wall by wall', async ({ page }) => {
  await openDemo(page, 'demo-vial-rack', 'cut')
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  expect(await contentOf(await writing)).toContain('<g id="outline-cuts"')
  await openDemo(page, 'demo-vial-rack', 'build')
  await expect(page.getByRole('heading', { name: '1. Floor' })).toBeVisible()
  await expect(page.getByText('Wall 6 closes the box')).toBeVisible()
  await expect(page.getByRole('heading', { name: '8. Top' })).toBeVisible()
})

test('by keys alone: how many walls, and how far they lean', async ({ page }) => {
  await openDemo(page, 'demo-planter', 'shape')
  await tabTo(page, page.locator('[data-thing=plan]'))
  await page.keyboard.press('Enter')
  await typeInto(page, field(page, 'How many walls'), '5')
  await expect(page.locator(panels)).toHaveCount(6)
  await tabTo(page, page.getByRole('radio', { name: 'inside both faces' }))
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('radio', { name: 'half way' })).toBeChecked()
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-thing=plan]')).toBeFocused()
})

test('a top that rises to a ridge is two tops, proven, told in words and built in order', async ({
  page,
}) => {
  await openDemo(page, 'demo-weather-hut', 'shape')
  await expect(page.locator(panels)).toHaveCount(6)
  await expect(page.locator('[data-thing=plan]')).toContainText('rim rising 35° to a ridge')
  await expect(page.getByText('The height is where the rim is lowest.')).toBeVisible()
  await tabTo(page, page.locator('[data-thing=plan]'))
  await page.keyboard.press('Enter')
  await tabTo(page, page.getByRole('radio', { name: 'to a ridge, and falls again' }))
  await page.keyboard.press('ArrowLeft')
  await expect(page.locator(panels)).toHaveCount(5)
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('6 parts, nothing overlaps, nothing missing')).toBeVisible()
  await typeInto(page, field(page, 'Rim rises by'), '6')
  await expect(page.getByText('Let them rise 10° or more').first()).toBeVisible()
  await page.keyboard.press('Control+z')
  await settled(page)
  await goTo(page, 'Build')
  await expect(page.getByText('it closes the ridge as it goes down on the walls')).toBeVisible()
  await expect(page.getByText('over the ridge and under the foot').first()).toBeVisible()
})

test('on a phone the plan is a page of its own, and nothing is wider than the screen', async ({ page }) => {
  await openDemo(page, 'demo-map-desk', 'shape')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.locator('[data-thing=plan]').click()
  await expect(field(page, 'Rim rises by')).toHaveValue('14')
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
  await page.getByRole('button', { name: 'All of the box' }).click()
  await expect(page.locator('[data-thing=plan]')).toBeVisible()
})
