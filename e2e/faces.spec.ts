import { expect, test, type Page } from './fixtures'
import { choose, contentOf, field, goTo, openDemo, settled, typeInto } from './helpers'

const engravings = (page: Page) => page.locator('[data-field=engravings]')
const part = (page: Page, name: string) => engravings(page).locator(`[data-field=engraving-${name}]`)
const openForm = (page: Page) => choose(page, 'engravings')
const LOGO =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 96 96"><g stroke="red" fill="none">' +
  '<circle cx="48" cy="48" r="40"/></g><path stroke="blue" fill="none" d="M0 0H96"/></svg>'
const file = (name: string, text: string) => ({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) })

test('words by mouse: written, engraved in the file, told of over the edge, undone', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await openForm(page)
  await engravings(page).getByRole('button', { name: 'Add an engraving' }).click()
  await part(page, 'text').fill('MOSS 4')
  await settled(page)
  await expect(page.getByTestId('face').first()).toBeAttached()
  await field(page, 'To the right').fill('500')
  await expect(page.getByText(/on the front would burn beyond its edge/)).toBeVisible()
  // between two slots for dividers: in the middle one of them would cut it
  await field(page, 'To the right').fill('29')
  await expect(page.getByText(/on the front would burn beyond its edge/)).toBeHidden()
  await settled(page)
  await goTo(page, 'Cut')
  await settled(page)
  const [written] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /^Write/ }).click(),
  ])
  const svg = await contentOf(written)
  expect(svg.match(/id="engraving"[\s\S]*?<\/g>/)![0].match(/<path/g)!.length).toBeGreaterThan(50)
})

test('artwork: its unit is asked for, its colours are given a use, text in it is refused', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  await openForm(page)
  await engravings(page).getByRole('button', { name: 'Add an engraving' }).click()
  await part(page, 'kind').selectOption('drawing')
  const input = engravings(page).locator('[data-field=engraving-file]')
  await input.setInputFiles(file('logo.svg', LOGO.replace('<g', '<text>Moor</text><g')))
  await expect(engravings(page).getByRole('alert')).toContainText('Turn it into paths')
  await input.setInputFiles(file('logo.svg', LOGO))
  await engravings(page)
    .getByRole('button', { name: /96 to the inch/ })
    .click()
  await expect(engravings(page).getByLabel('Width')).toHaveValue('25.4')
  await expect(engravings(page).getByText('1 lines are open')).toBeVisible()
  const red = engravings(page).getByLabel('What #ff0000 lines is for')
  await expect(red).toHaveValue('score')
  await red.selectOption('cut')
  await settled(page)
  await expect(page.getByRole('group', { name: 'Panels, flat, outside face up' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(red).toHaveValue('score')
})

test('taken hold of on the flat panel, and moved by keys: the figures follow', async ({ page }) => {
  await openDemo(page, 'demo-instrument', 'shape')
  await openForm(page)
  await page.getByRole('button', { name: 'Choose front' }).click()
  const handle = page.getByRole('button', { name: /^Engraving 1, text/ })
  await handle.focus()
  const right = field(page, 'To the right')
  const before = Number(await right.inputValue())
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(right).toHaveValue(String(before + 0.5 - 5))
  const box = (await handle.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 5 })
  await page.mouse.up()
  expect(Number(await right.inputValue())).toBeGreaterThan(before + 5)
})

test('on a phone, in inches, by keys: a scale of three inches', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 780 })
  await openDemo(page, 'demo-tray', 'shape')
  await openForm(page)
  await engravings(page).getByRole('button', { name: 'Add an engraving' }).click()
  await part(page, 'kind').selectOption('ruler')
  await engravings(page).getByText('Inches', { exact: true }).click()
  await typeInto(page, engravings(page).getByLabel('Length'), '3 in')
  await page.keyboard.press('Tab')
  await settled(page)
  await expect(engravings(page).getByLabel('Length')).toHaveValue('76.2')
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
})
