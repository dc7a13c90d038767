import { expect, test, type Page } from './fixtures'
import { choose, contentOf, field, goTo, openDemo, settled } from './helpers'

const proof = (page: Page) => page.getByTestId('proof')
/** Chooses by its picture, and waits until the box is the chosen one. */
async function pick(page: Page, group: string, name: string): Promise<void> {
  const choice = page.locator(`[data-field=${group}]`).getByRole('radio', { name, exact: true })
  await choice.click()
  await expect(choice).toBeChecked()
}

test('every corner, floor and top by its picture: proven each time, laid out and exported', async ({
  page,
}) => {
  test.setTimeout(400_000)
  await openDemo(page, 'demo-slip', 'shape')
  await choose(page, 'corners')
  await expect(page.locator('[data-field=corner-joint] svg').first()).toBeVisible()
  for (const corner of ['butt', 'half-lap', 'tenons in slots', 'fingers']) {
    await pick(page, 'corner-joint', corner)
    await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
  }
  await choose(page, 'floor')
  for (const floor of [
    'between walls',
    'below walls',
    'raised in slots',
    'on ledges',
    'none',
    'in grooves',
  ]) {
    await pick(page, 'floor-joint', floor)
    await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
  }
  await choose(page, 'lid')
  const lids = { slides: 6, 'lifts off, with a lip': 7, 'lies in a rebate': 6 }
  for (const [lid, parts] of Object.entries(lids)) {
    await pick(page, 'top', lid)
    const proven = `${parts} parts, nothing overlaps, nothing missing, the lid comes out`
    await expect(proof(page)).toHaveText(proven)
  }
  await pick(page, 'top', 'flips up on a slit strip')
  await expect(proof(page)).toHaveText('9 parts, nothing overlaps, nothing missing, the lid opens')
  await expect(page.getByTestId('strip-report')).toContainText('cut a test piece')
  for (const top of ['between the walls', 'on the walls', 'lowered in slots', 'by fingers']) {
    await pick(page, 'top', top)
    await expect(proof(page)).toHaveText('6 parts, nothing overlaps, nothing missing')
  }
  await settled(page)
  await goTo(page, 'Cut')
  // Grooves are on the inside face: that has to lie up, or the sheet to be turned.
  await page.locator('[data-field=turn]').selectOption('leave out')
  await expect(page.getByRole('list', { name: 'Checks' })).toContainText('Grooves are on the inside face')
  await page.locator('[data-field=face]').getByText('inside up').click()
  await settled(page)
  await expect(page.getByRole('list', { name: 'Checks' })).not.toContainText('Grooves are on the inside face')
  await page.getByLabel('Panels as JSON').check()
  await page.getByRole('checkbox', { name: 'SVG' }).uncheck()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  const written = JSON.parse(await contentOf(await download)) as {
    copies: number
    panels: { name: string; features: { what: string }[] }[]
  }
  expect(written.copies).toBe(4)
  expect(written.panels.find(({ name }) => name === 'front')!.features[0].what).toBe('groove')
})

test('dividers by keys: counted, listed, scooped; an impossible list is refused beside it', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  await expect(proof(page)).toHaveText(/^10 parts/)
  await choose(page, 'dividers')
  const columns = page.locator('[data-field=columns] input')
  await columns.focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('3')
  await expect(proof(page)).toHaveText(/^9 parts, nothing overlaps/)
  await columns.fill('50, 50, 2×30, rest')
  await expect(proof(page)).toHaveText(/^11 parts/)
  await columns.fill('200, 50, rest')
  await expect(page.locator('[data-field=columns]').getByRole('alert')).toContainText('too wide together')
  await columns.fill('fifty')
  await expect(page.locator('[data-field=columns]').getByRole('alert')).toBeVisible()
  await columns.fill('2')
  for (const into of ['grooves', 'tenons', 'loose', 'slots at the rim']) {
    await pick(page, 'into', into)
    await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
  }
  await goTo(page, 'Build')
  await expect(page.getByRole('heading', { name: /Row 2/ })).toBeVisible()
})

test(
  'a panel is chosen on the drawing, and one of its edges gets a joint of its own',
  { tag: '@space' },
  async ({ page }) => {
    await openDemo(page, 'demo-tray', 'shape')
    const front = page.getByRole('button', { name: 'Choose front' })
    await front.focus()
    await page.keyboard.press('Enter')
    const joint = page.getByRole('button', { name: 'Joint with left' })
    await joint.focus()
    await page.keyboard.press('Enter')
    const edge = page.getByRole('region', { name: 'Edge of front and left' })
    await edge.getByText('butt', { exact: true }).click()
    await expect(edge.getByRole('heading')).toHaveText('front and left: butt')
    await expect(proof(page)).toContainText('nothing overlaps')
    await edge.getByText('own fingers').click()
    await edge.getByLabel('This edge: how').selectOption('shares')
    await edge.locator('[data-field=tabs-uprights-count] input').fill('7')
    await expect(edge.getByTestId('shares')).toContainText('7 × ')
    await edge.getByText('as uprights').click()
    await page.getByRole('button', { name: 'Show all panels' }).click()
    await expect(page.getByRole('group', { name: 'Panels, flat, outside face up' })).toBeVisible()
  },
)

test(
  'a lid slides out by mouse and by keys, and Build brings it in last',
  { tag: '@space' },
  async ({ page }) => {
    await openDemo(page, 'demo-logger', 'shape')
    await expect(proof(page)).toHaveText('6 parts, nothing overlaps, nothing missing, the lid comes out')
    const lid = page.getByLabel('Open the lid')
    const picture = page.getByRole('img', { name: /^The box in space/ })
    const shown = (): Promise<string> =>
      picture.evaluate((canvas) => (canvas as HTMLCanvasElement).toDataURL().slice(-4000))
    const shut = await shown()
    await lid.focus()
    for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowRight')
    await expect(lid).toHaveValue('0.24')
    await expect.poll(shown).not.toBe(shut)
    await choose(page, 'lid')
    await page.locator('[data-field=pull] input').fill('90')
    await expect(page.getByText(/The lid has no room for that finger hole/).first()).toBeVisible()
    await page.locator('[data-field=pull] input').fill('20')
    await expect(proof(page)).toContainText('the lid comes out')
    await settled(page)
    await goTo(page, 'Build')
    await expect(page.getByText(/Slide the top in from the front\. It takes no glue/)).toBeVisible()
    await expect(page.getByRole('heading', { name: /^6\. Top/ })).toBeVisible()
  },
)

test('a warning lights its place, and one edge can have tenons of its own', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const flat = page.getByRole('region', { name: 'The panels, flat' })
  await choose(page, 'floor')
  await pick(page, 'floor-joint', 'raised in slots')
  await page.locator('[data-field=raised] input').fill('2')
  await expect(page.getByText(/A web thinner than the sheet/)).toBeVisible()
  await expect(flat.locator('[data-spot]')).toHaveCount(4)
  await page.locator('[data-field=raised] input').fill('7')
  await expect(flat.locator('[data-spot]')).toHaveCount(0)
  await settled(page)
  await page.getByRole('button', { name: 'Choose front' }).click()
  await page.getByRole('button', { name: 'Joint with floor' }).click()
  const edge = page.getByRole('region', { name: 'Edge of front and floor' })
  await edge.getByText('own tenons').click()
  await edge.getByLabel('This edge: how').selectOption('shares')
  await edge.locator('[data-field=tabs-floor-count] input').fill('9')
  await expect(edge.getByTestId('shares')).toContainText('9 × ')
  await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
  await expect(flat.getByRole('list', { name: 'Its border' })).toContainText('wall of a slot')
})

test('walls of another stock: its own thickness, sheets and files', async ({ page }) => {
  await openDemo(page, 'demo-instrument', 'shape')
  await choose(page, 'stocks')
  await page.locator('[data-field=stock-floor]').selectOption('stock-board-4')
  await settled(page)
  await goTo(page, 'Lay out')
  const stocks = page.getByRole('group', { name: 'Stock' })
  await stocks.getByRole('button', { name: /Fibreboard 4/ }).click()
  await expect(stocks.getByRole('button', { name: /Fibreboard 4/ })).toContainText('5 parts')
  await expect(page.getByRole('button', { name: /^floor on sheet 1/ })).toBeVisible()
  await goTo(page, 'Cut')
  // The ply's other face first, then that sheet turned over; and the board's.
  await expect(page.getByRole('group', { name: 'Sheet' }).getByRole('button')).toHaveCount(3)
})

test('a case follows its tray, and a circle is refused by name', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'thing')
  await page.locator('[data-field=thing-name]').fill('case')
  const things = page.getByRole('group', { name: 'Things of this job' })
  await expect(things.getByRole('button')).toHaveText(['tray', 'case'])
  await field(page, 'Width').press('=') // the same as its Σ
  const sum = page.locator('[data-field=width] input')
  await sum.fill('tray.width + 20')
  await expect(page.locator('[data-field=width]').getByTestId('followed')).toHaveText('= 260 mm')
  await things.getByRole('button', { name: 'tray' }).click()
  await field(page, 'Width').fill('200')
  await page.getByRole('button', { name: 'Depth: let it follow others' }).click()
  await page.locator('[data-field=depth] input').fill('case.depth')
  await things.getByRole('button', { name: 'case' }).click()
  await expect(page.locator('[data-field=width]').getByTestId('followed')).toHaveText('= 220 mm')
  await page.getByRole('button', { name: 'Depth: let it follow others' }).click()
  await page.locator('[data-field=depth] input').fill('tray.depth')
  await expect(page.locator('[data-field=depth]').getByRole('alert')).toContainText('in a circle')
  await page.reload()
  await expect(things.getByRole('button')).toHaveText(['tray', 'case'])
})

test('a mock-up in card keeps the inside and gives back the height that it taught', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await choose(page, 'mock-up')
  await page.getByRole('button', { name: 'Make a mock-up in this stock' }).click()
  await expect(page.getByLabel('Name of the job')).toHaveValue(/\(mock-up\)$/)
  const inside = await field(page, 'Height').inputValue()
  await field(page, 'Height').fill(String(Number(inside) + 5))
  await choose(page, 'mock-up')
  await expect(page.locator('[data-field=mock-up]')).toContainText('It taught: inner height')
  await page.getByRole('button', { name: /^Take this back to/ }).click()
  await expect(page.locator('[data-field=mock-up]')).toContainText('Its inside is that of its job')
  await page.goto('./#/job/demo-tray/shape')
  await expect(field(page, 'Height')).toHaveValue('50')
  await goTo(page, 'Log')
  await expect(page.getByRole('article').first()).toContainText('From the mock-up: inner height')
})
