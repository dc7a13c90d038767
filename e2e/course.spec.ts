import { expect, test, type Locator, type Page } from './fixtures'
import { axeFindings, openDemo, tabTo } from './helpers'

const feedback = (page: Page): Locator => page.getByTestId('lesson-feedback')
const goals = (page: Page): Locator => page.getByRole('list', { name: 'What to do' }).getByRole('listitem')
const slider = (page: Page, name: string | RegExp): Locator => page.getByRole('slider', { name })
const press = async (page: Page, key: string, times: number): Promise<void> => {
  for (let i = 0; i < times; i++) await page.keyboard.press(key)
}
/** The bench that these tests were written on. */
const CODE = 'RJKN'
const LOOKS = /^(A tab in its notch|The sheet in a slot|The back of an edge)/
async function lesson(page: Page, id: string): Promise<void> {
  await page.goto(`./#/learn/${id}?code=${CODE}`)
  await expect(page.locator('[data-lesson] h2')).toBeVisible()
}
const isDone = (page: Page): Promise<void> =>
  expect(goals(page).filter({ has: page.getByLabel('Done:') })).toHaveCount(3)
async function drag(page: Page, what: Locator, dx: number, dy: number): Promise<void> {
  const box = (await what.boundingBox())!
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move(from.x + dx / 2, from.y + dy / 2)
  await page.mouse.move(from.x + dx, from.y + dy)
  await page.mouse.up()
}

test('calipers by keys: set by the vernier, read on a strip, zeroed, set by the dial', async ({ page }) => {
  await lesson(page, 'calipers')
  const wanted = /to (\d\.\d\d) mm/.exec(await goals(page).first().innerText())![1]
  const jaws = slider(page, 'Jaws')
  await jaws.focus()
  await page.keyboard.press('Home')
  // Twenty steps of 0.05 from mark to mark. [DEF]
  await press(page, 'ArrowRight', Math.round(Number(wanted) * 20) - 1)
  const tighten = page.getByRole('button', { name: 'Tighten the screw' })
  await tighten.press('Enter')
  await expect(feedback(page)).toContainText('too narrow')
  await jaws.focus()
  await page.keyboard.press('ArrowRight')
  await tighten.press('Enter')
  await expect(feedback(page)).toContainText('Right')
  await jaws.focus()
  await page.keyboard.press('Home')
  await expect(feedback(page)).toContainText('touch the strip')
  // The glass goes along the scale until the line that meets a mark is under it.
  const glass = slider(page, 'Magnifying glass')
  const meets = page.getByRole('button', { name: /^Line \d+, 0\.00 mm off/ })
  await glass.focus()
  for (let i = 0; i < 30 && (await meets.count()) === 0; i++) await page.keyboard.press('ArrowRight')
  await meets.press('Enter')
  await expect(feedback(page)).toContainText('straight on into a mark')
  await expect(page.getByRole('group', { name: 'Calipers with a dial' })).toBeVisible()
  await jaws.focus()
  await page.keyboard.press('Home')
  const ring = slider(page, 'Ring of the dial')
  await ring.focus()
  for (let i = 0; i < 40 && (await ring.getAttribute('aria-valuenow')) !== '0'; i++)
    await page.keyboard.press('ArrowLeft')
  await tighten.press('Enter')
  const dial = /to (\d\.\d\d) mm/.exec(await goals(page).last().innerText())![1]
  await jaws.focus()
  await press(page, 'PageUp', Math.floor(Number(dial) * 10))
  await press(page, 'ArrowRight', Math.round(Number(dial) * 100) % 10)
  await tighten.press('Enter')
  await expect(page.getByRole('button', { name: 'Next: Thickness in several places' })).toBeVisible()
  await expect(page.getByTestId('course-done')).toContainText('1 of 12 done')
  await page.reload()
  await expect(page.getByTestId('course-done')).toContainText(`1 of 12 done · bench ${CODE}`)
})

test('thickness and kerf by mouse go into one’s own tray', async ({ page }) => {
  await lesson(page, 'thickness')
  await page.getByRole('button', { name: 'Peel the film off' }).click()
  const sheet = page.getByRole('button', { name: /^The sheet/ })
  const { width, height } = (await sheet.boundingBox())!
  await sheet.click({ position: { x: width / 2, y: height / 2 } })
  await expect(feedback(page)).toContainText('Jaws reach')
  const places = [
    [0.3, 0.05],
    [0.7, 0.05],
    [0.3, 0.95],
    [0.7, 0.95],
    [0.04, 0.5],
    [0.96, 0.5],
  ]
  for (const [x, y] of places) await sheet.click({ position: { x: width * x, y: height * y } })
  const readings = (await sheet.locator('text').allTextContents()).map(Number)
  expect(readings).toHaveLength(6)
  const mean = readings.reduce((sum, each) => sum + each, 0) / 6
  const flagAt = async (name: string, to: number): Promise<void> => {
    const flag = slider(page, name)
    await flag.focus()
    const now = Number(await flag.getAttribute('aria-valuenow'))
    await press(page, 'ArrowRight', Math.round((to - now) / 0.01))
  }
  await flagAt('Tabs', mean)
  await flagAt('Slots', Math.max(...readings))
  const tray = page.getByRole('region', { name: 'Your tray' })
  await expect(tray).toContainText(`${mean.toFixed(2)} mm, 6 readings`)
  await page.getByRole('button', { name: 'Next: Kerf by squares' }).click()
  await expect(page.getByRole('heading', { name: '3. Kerf by squares' })).toBeFocused()
  await page.getByRole('button', { name: 'Cut five squares' }).click()
  for (let i = 1; i <= 5; i++) {
    const square = page.getByRole('button', { name: new RegExp(`^Square ${i}`) })
    await drag(page, square, 0, 130)
    await square.click()
    await expect(square).toHaveAccessibleName(/\d across, \d.* up/)
  }
  await slider(page, 'Width of the beam').focus()
  for (let i = 0; i < 40 && !(await feedback(page).innerText()).startsWith('Right'); i++)
    await page.keyboard.press('ArrowLeft')
  await isDone(page)
  await expect(tray).toContainText(/Kerf\s*0\.2\d\d mm/)
})

test('a comb, a lid and a strip: dragged, turned, bent', async ({ page }) => {
  await lesson(page, 'comb')
  const pairs = page.getByRole('group', { name: 'Pairs, by compensation per side' }).getByRole('button')
  const lower = page.getByRole('button', { name: 'Push the lower comb in' })
  const pull = async (i: number): Promise<string> => {
    await pairs.nth(i).click()
    await drag(page, lower, 0, -120)
    return pairs.nth(i).innerText()
  }
  for (const i of [0, 8, 5]) await pull(i)
  let snug = 0
  while (!(await pull(snug)).includes('snug')) snug++
  await page.getByRole('button', { name: 'Lift by the upper one' }).click()
  await expect(feedback(page)).toContainText('the other one holds')
  await page.getByRole('button', { name: 'Keep this pair' }).click()
  await isDone(page)

  await lesson(page, 'order')
  const row = (name: string): Locator => page.getByRole('list', { name: 'In this order' }).getByText(name)
  await page.getByRole('button', { name: 'Send it to the laser' }).click()
  await expect(feedback(page)).toContainText('came loose')
  await drag(page, row('cut the outline'), 0, 160)
  for (let i = 0; i < 3; i++) {
    const up = page.getByRole('button', { name: 'engrave the words earlier' })
    if (await up.isEnabled()) await up.click()
  }
  await page.getByRole('button', { name: 'Send it to the laser' }).click()
  await expect(feedback(page)).toContainText('Right')

  await lesson(page, 'bend')
  const end = slider(page, 'End of the strip, bent up')
  await drag(page, end, 0, -200)
  await expect(feedback(page)).toContainText('snapped')
  await page.getByRole('button', { name: 'Take a fresh strip' }).click()
  await page.getByRole('button', { name: 'Turn it to the grain' }).click()
  await slider(page, 'Length of the slit zone').focus()
  const zone = goals(page).first()
  for (let i = 0; i < 60 && !(await zone.getByLabel('Done:').isVisible()); i++)
    await page.keyboard.press('ArrowRight')
  await page.getByRole('slider', { name: 'Rows of links' }).fill('28')
  await drag(page, end, 0, -200)
  await isDone(page)
})

test('on a phone: the tray is put together, and a divider that is shut out does not go in', async ({
  browser,
  baseURL,
}) => {
  const phone = { viewport: { width: 390, height: 780 }, hasTouch: true, baseURL }
  const page = await (await browser.newContext(phone)).newPage()
  await lesson(page, 'gluing')
  const part = (name: string): Locator =>
    page.getByRole('list', { name: 'On the bench' }).getByRole('button', { name })
  for (const name of ['floor', 'front', 'back', 'divider']) await part(name).tap()
  await expect(feedback(page)).toContainText('The divider does not go in, from any side.')
  await page.getByRole('button', { name: 'Take out the back' }).tap()
  for (const name of ['divider', 'back', 'left', 'right']) await part(name).tap()
  await isDone(page)
  await page.getByRole('button', { name: 'Next: Read what came out' }).tap()
  await expect(page.getByRole('button', { name: LOOKS })).toHaveCount(3)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  // The twelve are behind one field there.
  await page.getByRole('combobox').selectOption('layout')
  await expect(page.getByRole('heading', { name: '10. Lay out' })).toBeVisible()
  await page.context().close()
})

test('the rest by keys: path, tabs, setting, layout, and what came out', async ({ page }) => {
  await lesson(page, 'compensation')
  const path = slider(page, /^Path of the beam/)
  const cut = page.getByRole('button', { name: /^Cut the (tab|notch)/ })
  const kerf = Number(/takes (\d\.\d+)/.exec(await page.getByText('This beam takes').innerText())![1])
  for (const next of ['Take the notch', 'Send a tab to the other laser']) {
    await path.focus()
    await press(page, 'ArrowRight', Math.round(kerf / 2 / 0.005))
    await cut.press('Enter')
    await page.getByRole('button', { name: next }).press('Enter')
  }
  await cut.press('Enter')
  await expect(feedback(page)).toContainText('made up for twice')
  await page.getByRole('switch').press('Space')
  await cut.press('Enter')
  await isDone(page)

  await lesson(page, 'tabs')
  await slider(page, 'Edge of the first tab').focus()
  for (let i = 0; i < 60 && !(await feedback(page).innerText()).endsWith('Good.'); i++)
    await page.keyboard.press('ArrowLeft')
  for (const corner of ['1', '2']) {
    await expect(page.getByText(`Corner ${corner} belongs to the`)).toBeVisible()
    for (const panel of ['floor', 'side', 'front']) {
      await page.getByRole('button', { name: panel, exact: true }).press('Enter')
      if ((await feedback(page).innerText()).includes('hangs on')) break
    }
    await page.getByRole('button', { name: 'The other corner' }).press('Enter')
  }
  await isDone(page)

  await lesson(page, 'setting')
  await slider(page, 'Slowest square').press('Home')
  await page.getByRole('button', { name: 'Cut a test sheet' }).press('Enter')
  for (let i = 0; i < 6; i++)
    await page
      .getByRole('button', { name: /^Lift the square/ })
      .nth(i)
      .press('Enter')
  await slider(page, 'Speed for the job').focus()
  for (let i = 0; i < 60 && !(await feedback(page).innerText()).endsWith('sure.'); i++)
    await page.keyboard.press('ArrowRight')
  await isDone(page)

  await lesson(page, 'layout')
  const places: [string, number, number][] = [
    ['floor', 4, 4],
    ['left', 126, 4],
    ['right', 126, 48],
    ['front', 4, 92],
    ['back', 4, 136],
  ]
  for (const [name, x, y] of places) {
    const part = page.getByRole('button', { name: new RegExp(`^${name}, at`) })
    await part.focus()
    if ((await part.getAttribute('aria-label'))!.includes('across')) await page.keyboard.press('r')
    const [, left, below] = /at ([\d.]+) × ([\d.]+)/
      .exec((await part.getAttribute('aria-label'))!)!
      .map(Number)
    await press(page, x > left ? 'ArrowRight' : 'ArrowLeft', Math.abs(x - left) % 10)
    await press(page, x > left ? 'Shift+ArrowRight' : 'Shift+ArrowLeft', Math.floor(Math.abs(x - left) / 10))
    await press(page, y > below ? 'ArrowUp' : 'ArrowDown', Math.abs(y - below) % 10)
    await press(page, y > below ? 'Shift+ArrowUp' : 'Shift+ArrowDown', Math.floor(Math.abs(y - below) / 10))
  }
  await isDone(page)

  await lesson(page, 'result')
  const lookAtAll = async (): Promise<void> => {
    for (let i = 0; i < 3; i++) await page.getByRole('button', { name: LOOKS }).nth(i).press('Enter')
  }
  await lookAtAll()
  const thick = Number(/reads (\d\.\d+)/.exec(await page.getByText('The sheet reads').innerText())![1])
  const set = async (name: string, to: number, step: number): Promise<void> => {
    const dial = slider(page, name)
    await dial.focus()
    const steps = Math.round((to - Number(await dial.getAttribute('aria-valuenow'))) / step)
    await press(page, steps > 0 ? 'ArrowRight' : 'ArrowLeft', Math.abs(steps))
  }
  await set('Compensation per side', kerf / 2, 0.005)
  await set('Width of slots', thick + 0.04, 0.01)
  await set('Speed', 9.5, 0.5)
  await page.getByRole('button', { name: 'Cut the box again' }).press('Enter')
  await lookAtAll()
  await isDone(page)
})

test('no serious finding on any lesson, and all of it is reached by keys', async ({ page }) => {
  await lesson(page, 'calipers')
  const select = page.getByRole('navigation', { name: 'Lessons' }).getByRole('button')
  for (let i = 0; i < 12; i++) {
    await select.nth(i).click()
    await expect(page.locator('[data-lesson] h2')).toContainText(`${i + 1}. `)
    expect(await axeFindings(page), `lesson ${i + 1}`).toEqual([])
  }
  await tabTo(page, page.getByRole('button', { name: 'Start again' }))
})

test('“Why?” beside a warning opens its lesson, and one goes back to where one was', async ({ page }) => {
  await openDemo(page, 'demo-logger', 'cut')
  const checks = page.getByRole('list', { name: 'Checks' })
  const why = checks.getByRole('link', { name: /^Why\? Lesson: The first setting/ }).first()
  await why.click()
  await expect(page.getByRole('heading', { name: '9. The first setting' })).toBeVisible()
  await page.getByRole('navigation', { name: 'Lessons' }).getByRole('button').nth(2).click()
  await page.getByRole('link', { name: 'Back to your job' }).click()
  await expect(checks).toBeVisible()
  // A reading that is asked about has its own.
  await page.goto('./#/job/demo-logger/measure')
  const reading = page.getByRole('textbox', { name: 'Thickness' }).first()
  await reading.fill('31')
  await reading.press('Enter')
  await page.getByRole('link', { name: /^Why\? Lesson: Thickness/ }).click()
  await expect(page.getByRole('heading', { name: '2. Thickness in several places' })).toBeVisible()
})

test('a teacher gives a class one bench, with its answers; each bench keeps what was done on it', async ({
  page,
}) => {
  await page.goto('./#/learn/kerf')
  const done = page.getByTestId('course-done')
  const first = await done.innerText()
  await page.reload()
  await expect(done).toHaveText(first)
  await page.getByRole('link', { name: 'For teachers' }).click()
  await expect(page.getByRole('heading', { name: 'For teachers' })).toBeVisible()
  const code = page.getByLabel('Code of a bench')
  await code.fill('moor')
  await page.getByRole('button', { name: 'Go to it' }).click()
  await expect(page.getByRole('alert')).toContainText('“moor” is not the code of a bench')
  await code.fill(CODE.toLowerCase())
  await page.keyboard.press('Enter')
  const row = (name: string): Locator => page.getByRole('row').filter({ hasText: name })
  await expect(row('Read calipers')).toContainText('3.30 mm thick: line 6 meets')
  await expect(page.getByRole('img', { name: 'A vernier to read' })).toHaveCount(6)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { name: 'One bench for the class' })).toBeHidden()
  await expect(page.getByRole('heading', { name: `Answers, bench ${CODE}` })).toBeVisible()
  await page.emulateMedia({ media: 'screen' })
  expect(await axeFindings(page)).toEqual([])
  await row('Glue in order').getByRole('link').click()
  const part = (name: string): Locator =>
    page.getByRole('list', { name: 'On the bench' }).getByRole('button', { name })
  for (const name of ['floor', 'front', 'divider', 'back', 'left', 'right']) await part(name).click()
  await isDone(page)
  await expect(done).toHaveText(`1 of 12 done · bench ${CODE}`)
  await page.goto('./#/learn/kerf?code=ACDE')
  await expect(done).toHaveText('0 of 12 done · bench ACDE')
  await page.goto(`./#/learn/kerf?code=${CODE}`)
  await expect(done).toHaveText(`1 of 12 done · bench ${CODE}`)
  await page.goto('./#/learn/kerf?code=nobench')
  await expect(page.getByRole('alert')).toContainText('“nobench” is not the code')
})

test('what six lessons noted becomes a tray that can be cut', async ({ page }) => {
  const notes = {
    thickness: [3.13, 3.2, 3.15, 3.18, 3.21, 3.16],
    kerf: 0.266,
    compensation: 0.133,
    interference: 0.014,
    tabWidth: 8.64,
    speed: 9,
  }
  await page.goto('./#/learn')
  await page.evaluate(
    (kept) => localStorage.setItem('uplands-course', JSON.stringify([{ seed: 12, done: [], notes: kept }])),
    notes,
  )
  await page.reload()
  await page.getByRole('button', { name: 'Make it a job' }).click()
  await expect(page.getByRole('heading', { name: 'My course tray' })).toBeVisible()
  await expect(page.getByTestId('impossible')).toHaveCount(0)
  await page.goto(page.url().replace('/shape', '/measure'))
  await expect(page.getByRole('main')).toContainText('0.266')
  await expect(page.getByRole('main')).toContainText('Course ply (simulated)')
})
