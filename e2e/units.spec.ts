import { LESSON_IDS } from '../core/course/outline'
import { expect, test, type Page } from './fixtures'
import { contentOf, openDemo, settled, STATIONS } from './helpers'

const jobFile = async (page: Page): Promise<object> => {
  const exporting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export job' }).click()
  return JSON.parse(await contentOf(await exporting)) as object
}
async function think(page: Page, unit: 'inches' | 'millimetres', speed: string): Promise<void> {
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByRole('radio', { name: unit }).click()
  await page.getByRole('radio', { name: speed, exact: true }).click()
  await page.keyboard.press('Escape')
}
/**
 * Lengths and speeds that are still said in millimetres. What stands under a field is the other unit, on
 * purpose.
 */
const metric = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = []
    const walker = document.createTreeWalker(document.querySelector('main')!, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent!.trim()
      const holder = node.parentElement!
      if (holder.closest('[data-other-unit], [data-record], textarea, option')) continue
      if (/\d\s*mm\b(?!\/s²)/.test(text) && !/\bin\b/.test(text)) found.push(text)
    }
    return found
  })

test('inches everywhere, fractions too, and back without losing anything', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const before = await jobFile(page)
  await think(page, 'inches', 'in/min')
  for (const station of STATIONS) {
    await page.goto(`./#/job/demo-tray/${station}`)
    await expect(page.getByText('up to date')).toBeVisible()
    await expect(page.getByRole('main').locator('button, input').first()).toBeVisible()
    expect(await metric(page), station).toEqual([])
  }
  for (const lesson of LESSON_IDS) {
    await page.goto(`./#/learn/${lesson}`)
    await expect(page.locator('[data-lesson] svg').first()).toBeVisible()
    expect(await metric(page), lesson).toEqual([])
  }
  await page.goto('./#/job/demo-tray/shape')
  const width = page.locator('[data-dimension=width] input')
  await expect(width).toHaveValue('9.4488')
  await width.focus()
  await width.blur() // looked at, not changed
  await think(page, 'millimetres', 'mm/s')
  await expect(width).toHaveValue('240')
  await settled(page)
  expect(await jobFile(page)).toEqual(before)
})

test('in inches a bare figure is inches; the file says millimetres all the same', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await think(page, 'inches', 'in/min')
  const width = page.locator('[data-dimension=width] input')
  await width.fill('9 1/2')
  await settled(page)
  expect(await jobFile(page)).toMatchObject({ box: { width: 241.3 } })
  await width.blur()
  await expect(width).toHaveValue('9.5')
  await page.getByRole('button', { name: /^Units:/ }).click()
  await page.getByRole('switch', { name: /As fractions/ }).click()
  await page.keyboard.press('Escape')
  await expect(width).toHaveValue('9 1/2')
  // 160 mm is no fraction of a ruler
  await expect(page.locator('[data-dimension=depth] input')).toHaveValue('6.2992')
  await page.goto('./#/job/demo-tray/cut')
  await settled(page)
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  const svg = await contentOf(await writing)
  expect(svg).toContain('Unit millimetres')
  expect(svg).toMatch(/width="\d+(\.\d+)?mm"/)
})

test('a printed page is light in a dark room, and carries what the box was built from', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await openDemo(page, 'demo-tray', 'build')
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' })
  const facts = page.getByRole('region', { name: 'What was built from what' })
  for (const fact of ['240.00', 'Birch ply 3', '3.04', '0.160', '12 mm/s', 'Copies', 'Printed']) {
    await expect(facts).toContainText(fact)
  }
  const [paper, ink] = await page.evaluate(() => {
    const style = getComputedStyle(document.body)
    return [style.backgroundColor, getComputedStyle(document.querySelector('main')!).color]
  })
  const lightness = (colour: string): Promise<number> =>
    page.evaluate((value) => {
      const context = document.createElement('canvas').getContext('2d')!
      context.fillStyle = value
      context.fillRect(0, 0, 1, 1)
      const [red, green, blue] = context.getImageData(0, 0, 1, 1).data
      return (red + green + blue) / 3
    }, colour)
  expect(await lightness(paper)).toBeGreaterThan(230)
  expect(await lightness(ink)).toBeLessThan(90)
})
