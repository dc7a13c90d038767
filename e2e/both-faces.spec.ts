import { expect, test, type Page } from './fixtures'
import { strFromU8, unzipSync } from 'fflate'
import jpeg from 'jpeg-js'
import { readFileSync } from 'node:fs'
import { PNG } from 'pngjs'
import { choose, contentOf, field, goTo, openDemo, settled, typeInto } from './helpers'

const engravings = (page: Page) => page.locator('[data-field=engravings]')
const part = (page: Page, name: string) => engravings(page).locator(`[data-field=engraving-${name}]`)
async function addOne(page: Page, panel: string): Promise<void> {
  await choose(page, 'engravings')
  await engravings(page).getByRole('button', { name: 'Add an engraving' }).click()
  await part(page, 'panel').selectOption(panel)
}
async function write(page: Page) {
  await goTo(page, 'Cut')
  await settled(page)
  const [written] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  return written
}

/** A picture that is black on its left half, as a library writes it. */
function pictureOf(kind: 'png' | 'jpeg', width = 60, height = 40): Buffer {
  const data = Buffer.alloc(width * height * 4, 255)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width / 2; x++) data.fill(0, (y * width + x) * 4, (y * width + x) * 4 + 3)
  if (kind === 'jpeg') return jpeg.encode({ data, width, height }, 90).data
  const png = new PNG({ width, height })
  data.copy(png.data)
  return PNG.sync.write(png)
}

test('something on the inside: the sheet is turned, two files, the first one is cut first', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  await addOne(page, 'floor')
  await part(page, 'text').fill('MOSS')
  await settled(page)
  await part(page, 'side').getByText('Inside').click()
  await expect(page.locator('[data-side=inside] path').first()).toBeAttached()
  await settled(page)
  await goTo(page, 'Cut')
  await settled(page)
  const checks = page.getByRole('list', { name: 'Checks' })
  await expect(checks).toContainText('The sheet need not be turned over')
  await goTo(page, 'Shape')
  await engravings(page).getByRole('button', { name: 'One more engraving like this' }).click()
  await part(page, 'side').getByText('Outside').click()
  const zip = await write(page)
  await expect(checks).toContainText('The sheet is turned over once')
  const files = unzipSync(readFileSync(await zip.path()))
  const [first, then] = Object.keys(files).sort()
  expect(first).toMatch(/sheet-1-a-other-face\.svg$/)
  expect(then).toMatch(/sheet-1-b-turned\.svg$/)
  expect(strFromU8(files[first])).toContain('this is cut first, while the sheet is whole')
  expect(strFromU8(files[then])).toContain('id="registration"')
  await page.getByRole('button', { name: 'Sheet 1, other face first' }).click()
  await expect(page.getByTestId('place')).toContainText('Then turn the sheet over, left to right')
  // Left out, it is one file again, and that is told.
  await page.locator('[data-field=turn]').selectOption('leave out')
  await settled(page)
  await expect(checks).toContainText('Something is on the inside face, which lies down')
})

for (const kind of ['png', 'jpeg'] as const)
  test(`a picture (${kind}): read, burnt as dots, black where it is dark`, async ({ page }) => {
    await openDemo(page, 'demo-tray', 'shape')
    await addOne(page, 'floor')
    await part(page, 'kind').selectOption('picture')
    const input = part(page, 'picture')
    const file = (name: string, buffer: Buffer) => ({ name, mimeType: `image/${kind}`, buffer })
    await input.setInputFiles(file('nothing.png', Buffer.from('GIF89a')))
    await expect(engravings(page).getByRole('alert')).toContainText('Only PNG and JPEG pictures are read')
    await input.setInputFiles(file(`half.${kind}`, pictureOf(kind).subarray(0, 60)))
    await expect(engravings(page).getByRole('alert')).toBeVisible()
    await input.setInputFiles(file(`half.${kind}`, pictureOf(kind)))
    await expect(engravings(page).getByText('kept as 60 × 40 points')).toBeVisible()
    await expect(engravings(page).getByRole('alert')).toBeHidden()
    await expect(page.locator('[data-testid=face] image').first()).toBeAttached()
    await settled(page)
    const svg = await contentOf(await write(page))
    const rows = [...svg.match(/id="engraving"[\s\S]*?<\/g>/)![0].matchAll(/d="M([\d.]+) [\d.]+ L([\d.]+) /g)]
    const length = rows.reduce((sum, [, from, to]) => sum + Math.abs(Number(to) - Number(from)), 0)
    // 40 mm wide and two thirds of that high, half of it black, rows 0.2 mm apart.
    expect(length * 0.2).toBeGreaterThan((0.96 * (40 * (80 / 3))) / 2)
    expect(length * 0.2).toBeLessThan((1.04 * (40 * (80 / 3))) / 2)
  })

test('an operation of one’s own, by keys: named in Tune, chosen in Shape, a layer in the file', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'tune')
  const own = page.getByRole('region', { name: 'Operations of your own' })
  await own.getByRole('button', { name: 'Add an operation' }).focus()
  await page.keyboard.press('Enter')
  await typeInto(page, own.getByLabel('Name'), 'fold line')
  await page.keyboard.press('Tab')
  await settled(page)
  await goTo(page, 'Shape')
  await addOne(page, 'floor')
  await part(page, 'kind').selectOption('rectangle')
  await part(page, 'how').selectOption('own')
  await settled(page)
  const svg = await contentOf(await write(page))
  expect(svg).toMatch(/id="fold-line"[^>]*stroke="#b07d1a"/)
  await goTo(page, 'Tune')
  await expect(own.getByRole('button', { name: 'Remove fold line' })).toBeDisabled()
})

test('an inlay is one more part, a magnet has its partner, Build says how they go in', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await addOne(page, 'floor')
  await part(page, 'kind').selectOption('round')
  await part(page, 'how').selectOption('inlay')
  await settled(page)
  await expect(page.locator('[data-mark=pocket]').first()).toBeAttached()
  await goTo(page, 'Lay out')
  await expect(page.getByText('floor inlay 1').first()).toBeAttached()
  await goTo(page, 'Shape')
  await part(page, 'panel').selectOption('front')
  await part(page, 'side').getByText('Inside').click()
  await part(page, 'how').selectOption('magnet')
  await part(page, 'partner').selectOption('left')
  await settled(page)
  await goTo(page, 'Cut')
  await settled(page)
  await expect(page.getByRole('list', { name: 'Checks' })).toContainText('has no partner on the left')
  await goTo(page, 'Shape')
  await part(page, 'partner').selectOption('back')
  await settled(page)
  await goTo(page, 'Build')
  await expect(page.getByText(/glue the first magnet into the inside face of the front/)).toBeVisible()
})

test('on a phone, in inches: holes round a circle, from another opening', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 780 })
  await openDemo(page, 'demo-tray', 'shape')
  const openings = page.locator('[data-field=openings]')
  await choose(page, 'openings')
  await openings.getByRole('button', { name: 'Add an opening' }).click()
  await openings.getByRole('button', { name: 'One more opening like this' }).click()
  await openings.locator('[data-field=opening-from]').selectOption({ label: '1 round' })
  await openings.locator('[data-field=opening-repeat]').selectOption('circle')
  await typeInto(page, field(page, 'Diameter'), '1/8 in')
  await typeInto(page, field(page, 'Radius of the circle'), '3/4 in')
  await page.keyboard.press('Tab')
  await settled(page)
  await expect(field(page, 'Radius of the circle')).toHaveValue('19.05')
  await openings.getByRole('switch', { name: 'Each turned with its place' }).click()
  await settled(page)
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
})

test('free corners of a lid are rounded, and parts may lie in openings', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'fitting-softened')
  await page.locator('[data-field=softened-kind]').getByText('aslant').click()
  await settled(page)
  await goTo(page, 'Lay out')
  await page.getByRole('switch', { name: 'Parts may lie in the openings of others' }).click()
  await settled(page)
  await expect(page.getByText(/sheets?/).first()).toBeVisible()
})
