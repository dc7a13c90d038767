import { expect, test, type Page } from './fixtures'
import { openDemo, STATIONS } from './helpers'

/** What one goes to each station for. */
const ACTIONS: Record<(typeof STATIONS)[number], string> = {
  measure: '[data-field=readings] input',
  shape: '[data-field=width] input',
  layout: '[data-part]',
  tune: '[data-field=speed] input',
  cut: 'button:has-text("Write the cut files")',
  build: 'main [data-field=step-by-step]',
  log: '[data-field=cut-now]',
}

test('on a phone what one comes for is within the first screen, as large as a finger', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const station of STATIONS) {
    await openDemo(page, 'demo-tray', station)
    const strip = (await page.getByRole('region', { name: 'What it comes to' }).boundingBox())!
    const action = (await page.locator(ACTIONS[station]).locator('visible=true').first().boundingBox())!
    expect([station, action.y + Math.min(action.height, 60) < strip.y]).toEqual([station, true])
    const low = await page
      .locator('main :is(.btn, .choice, .line):visible')
      .evaluateAll((all) =>
        all.filter((each) => each.getBoundingClientRect().height < 43.5).map((each) => each.textContent),
      )
    expect([station, low]).toEqual([station, []])
  }
})

test('magnified four times, the whole screen is the station’s once one scrolls to it', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 256 })
  for (const station of STATIONS) {
    await openDemo(page, 'demo-tray', station)
    const seen = (): Promise<number> =>
      page.evaluate(() => {
        const main = document.querySelector('main')!
        scrollTo(0, main.getBoundingClientRect().top + scrollY)
        const { top, bottom } = main.getBoundingClientRect()
        return Math.round(Math.min(innerHeight, bottom) - Math.max(0, top))
      })
    await expect.poll(seen, { message: station }).toBe(256)
  }
})

test('on a desk no station can be scrolled off the screen', async ({ page }) => {
  for (const station of STATIONS) {
    await openDemo(page, 'demo-tray', station)
    const height = await page.evaluate(() => document.documentElement.scrollHeight)
    expect([station, height]).toEqual([station, 800])
  }
})

const placeOf = (page: Page) => page.locator('[data-part=floor-1]').getAttribute('aria-label')

test('a finger that swipes over the board scrolls the page; a part that was tapped is dragged', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const session = await page.context().newCDPSession(page)
  await session.send('Emulation.setTouchEmulationEnabled', { enabled: true })
  await openDemo(page, 'demo-tray', 'layout')
  const before = await placeOf(page)
  const touch = async (
    type: 'touchStart' | 'touchMove' | 'touchEnd',
    at?: [number, number],
  ): Promise<void> => {
    const touchPoints = at ? [{ x: at[0], y: at[1] }] : []
    await session.send('Input.dispatchTouchEvent', { type, touchPoints })
  }
  const swipe = async (dx: number, dy: number): Promise<void> => {
    const now = (await page.locator('[data-part=floor-1]').boundingBox())!
    const from = [now.x + now.width / 2, now.y + now.height / 2]
    await touch('touchStart', [from[0], from[1]])
    for (let i = 1; i <= 8; i++) await touch('touchMove', [from[0] + (dx * i) / 8, from[1] + (dy * i) / 8])
    await touch('touchEnd')
  }
  await swipe(0, -160)
  await expect.poll(() => page.locator('main').evaluate((main) => main.scrollTop)).toBeGreaterThan(60)
  expect(await placeOf(page)).toBe(before)
  await page.waitForTimeout(500) // the page runs on a little
  await page.locator('main').evaluate((main) => main.scrollTo(0, 0))
  const box = (await page.locator('[data-part=floor-1]').boundingBox())!
  await touch('touchStart', [box.x + box.width / 2, box.y + box.height / 2])
  await touch('touchEnd')
  await expect(page.locator('[data-part=floor-1]')).toHaveAttribute('aria-pressed', 'true')
  await swipe(60, 0)
  await expect(page.locator('[data-part=floor-1]')).toHaveAttribute('aria-label', /pinned/)
})
