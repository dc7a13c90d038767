import { expect, test, type Page } from './fixtures'
import { choose, contentOf, field, goTo, openDemo, settled, tabTo, typeInto } from './helpers'

const proof = (page: Page) => page.getByTestId('proof')
const whole = (page: Page) => page.locator('[data-field=whole]')

/** Makes the open job one of a kind, by its picture. */
async function begin(page: Page, title: string): Promise<void> {
  await choose(page, 'kind')
  await page.locator('[data-field=kind]').getByRole('button', { name: title, exact: true }).click()
}

test('a cabinet by mouse: divided, drawn out, its drawers follow; undone', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'shape')
  await begin(page, 'Cabinet with drawers')
  await expect(proof(page)).toContainText('13 boxes, nothing strikes on its way; closest 0.65 mm')
  await expect(page.getByRole('group', { name: 'Things of this job' })).toContainText('12 × drawer')
  const columns = whole(page).getByLabel('Columns')
  await columns.fill('2')
  await expect(page.getByRole('group', { name: 'Things of this job' })).toContainText('8 × drawer')
  await whole(page).getByText('plate', { exact: true }).click()
  await expect(page.getByRole('group', { name: 'Things of this job' })).toContainText('drawer A')
  await expect(proof(page)).toContainText('9 boxes, nothing strikes on its way')
  await columns.fill('40')
  await expect(whole(page).getByRole('alert')).toContainText('Only 1.41 mm would be left')
  await expect(proof(page)).toContainText('9 boxes')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('group', { name: 'Things of this job' })).toContainText('12 × drawer')
})

test('a drawer that strikes is told of, with how far before its place', async ({ page }) => {
  await openDemo(page, 'demo-core-cabinet', 'shape')
  await expect(proof(page)).toContainText('nothing strikes')
  await page.getByRole('button', { name: '12 × drawer' }).click()
  await choose(page, 'fit')
  await field(page, 'Proud length').fill('2')
  await expect(proof(page)).toContainText('strikes')
  await expect(page.getByText(/Drawer 1 strikes case, .* before it is in place/)).toBeVisible()
})

test('by keys: boxes that fill a drawer, by widths and heights; in inches as well', async ({ page }) => {
  await openDemo(page, 'demo-drawer-set', 'shape')
  await choose(page, 'whole')
  await typeInto(page, whole(page).getByLabel('Columns', { exact: true }), '4')
  await expect(page.getByRole('group', { name: 'Things of this job' })).toContainText('4 × box A')
  await typeInto(page, whole(page).getByLabel('Heights, row by row; “rest” is full height'), '20, 30')
  await expect(proof(page)).toContainText('8 boxes, nothing strikes')
  await page.keyboard.press('Tab')
  await typeInto(page, field(page, 'Gap for the fingers'), '1/8 in')
  await expect(proof(page)).toContainText('closest 3.17')
})

test('one row is divided by itself, and one pull is in the front of all', async ({ page }) => {
  await openDemo(page, 'demo-drawer-set', 'shape')
  await choose(page, 'whole')
  await whole(page).getByLabel('Columns', { exact: true }).fill('3 equal')
  await whole(page).getByLabel('Columns of row 2, where it differs').fill('60, rest')
  const things = page.getByRole('group', { name: 'Things of this job' })
  await expect(things).toContainText('3 × box A')
  await expect(things).toContainText('box C')
  await whole(page).getByText('half-round', { exact: true }).click()
  await expect(proof(page)).toContainText('5 boxes, nothing strikes')
  // A row that is too wide is told of where it was typed, and nothing of it is taken.
  await whole(page).getByLabel('Columns of row 2, where it differs').fill('600, 600')
  await expect(whole(page).getByRole('alert')).toContainText('too wide together')
  await expect(proof(page)).toContainText('5 boxes')
})

test('boxes that are sized by hand still belong together: what strikes is told of', async ({ page }) => {
  await openDemo(page, 'demo-core-cabinet', 'shape')
  await choose(page, 'whole')
  await page.getByRole('switch', { name: 'I size the boxes myself' }).click()
  await expect(proof(page)).toContainText('nothing strikes')
  await page.getByRole('button', { name: '12 × drawer' }).click()
  const width = field(page, 'Width')
  const before = Number(await width.inputValue())
  await width.fill(String(before + 4))
  await expect(proof(page)).toContainText('strikes')
  await expect(width).toHaveValue(String(before + 4))
  // The whole takes over again: its figures are back.
  await choose(page, 'whole')
  await page.getByRole('switch', { name: 'I size the boxes myself' }).click()
  await expect(proof(page)).toContainText('nothing strikes')
})

for (const [title, boxes] of [
  ['Box with a cap over it', '2 boxes, nothing strikes on its way; closest 0.3 mm'],
  ['Box in two halves with a lining', '2 boxes, nothing strikes on its way; closest 0.2 mm'],
  ['Box with a tray on ledges inside', '2 boxes, nothing strikes on its way; closest 0.5 mm'],
])
  test(`${title}: made, laid out, and its parts told apart`, async ({ page }) => {
    await openDemo(page, 'demo-slip', 'shape')
    await begin(page, title)
    await expect(proof(page)).toContainText(boxes)
    await settled(page)
    await goTo(page, 'Cut')
    await expect(page.getByRole('list', { name: 'Checks' })).toContainText(/All 1\d parts are placed/)
  })

test('a stand: holes row by row, crowded bottles are told of', async ({ page }) => {
  await openDemo(page, 'demo-bottle-stand', 'shape')
  await choose(page, 'fitting-holes')
  await page.locator('[data-field=hole-widest-1] input').fill('60')
  await expect(page.getByText(/What stands in row 1 .*would touch/)).toBeVisible()
  await page.locator('[data-field=hole-lip-2] input').fill('80')
  await expect(page.getByRole('alert').filter({ hasText: 'row 2 would meet' })).toBeVisible()
})

test('holes of two sizes in one row', async ({ page }) => {
  await openDemo(page, 'demo-bottle-stand', 'shape')
  await choose(page, 'fitting-holes')
  await page.locator('[data-field=hole-count-1] input').fill('2')
  await page.getByRole('button', { name: 'Another size beside them' }).first().click()
  await page.locator('[data-field=hole-lip-1-2] input').fill('12')
  await page.locator('[data-field=hole-widest-1-2] input').fill('14')
  await expect(proof(page)).toContainText('nothing overlaps')
  await page.getByRole('button', { name: 'Remove these of row 1, 2' }).click()
  await expect(page.locator('[data-field=hole-lip-1-2]')).toHaveCount(0)
})

test('a box by what goes in: made the size for it; its dividers get feet and play', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'shape')
  await begin(page, 'Tray with lapped dividers')
  await choose(page, 'fitting-contents')
  const form = page.locator('[data-fitting=contents]')
  await form.locator('[data-field=contents-width] input').fill('6 in')
  await form.locator('[data-field=contents-depth] input').fill('4 in')
  await form.locator('[data-field=contents-height] input').fill('2 in')
  await expect(form.getByRole('status')).toContainText('Missing:')
  await expect(page.getByText(/What has to go in is larger/)).toBeVisible()
  await form.getByRole('button', { name: 'Make the box the size for it' }).click()
  await expect(form.getByRole('status')).toContainText('It goes in, with 0 mm of width, 0 mm of depth')
  await expect(page.getByText(/What has to go in is larger/)).toHaveCount(0)
  await expect(page.getByText('Goes in and comes out')).toBeVisible()
  await choose(page, 'dividers')
  await page.getByRole('switch', { name: 'With tabs in the floor' }).click()
  await field(page, 'Play of the dividers').fill('0.2')
  await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
})

test('a bend: chosen by its picture, its test piece cut, what broke moves what is said of the next', async ({
  page,
}) => {
  await openDemo(page, 'demo-slip', 'shape')
  await choose(page, 'bends')
  await page.locator('[data-field=bends]').getByRole('radio', { name: 'book: spine and covers' }).click()
  await expect(proof(page)).toContainText('nothing overlaps, nothing missing, the lid opens')
  await expect(page.getByTestId('slits')).toBeVisible()
  const odds = page.getByTestId('bend-odds')
  await expect(odds).toContainText('cut a test piece')
  const before = (await odds.textContent())!
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Bend test piece, five strips' }).click()
  const svg = await contentOf(await download)
  expect(svg.match(/id="inside-cut/g)).toHaveLength(1)
  expect(svg).toContain('Five strips with links 0.6, 0.8, 1, 1.25, 1.6 mm')
  await goTo(page, 'Log')
  const tried = page.getByRole('region', { name: 'Bends that were tried' })
  await tried.getByRole('radio', { name: '1 mm', exact: true }).click()
  await tried.getByRole('textbox', { name: 'Bent to' }).fill('80')
  await tried.getByRole('button', { name: 'It broke there' }).click()
  await expect(tried.getByRole('listitem')).toContainText('broke at 80°')
  await goTo(page, 'Shape')
  await expect(odds).toContainText('broke')
  expect(await odds.textContent()).not.toBe(before)
  await settled(page)
  await goTo(page, 'Cut')
  await expect(page.getByRole('list', { name: 'Checks' })).toContainText('Every cut is a closed path')
})

test('a lid on pins says how far it opens; another way to go about the building', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'shape')
  await choose(page, 'lid')
  await page.locator('[data-field=top]').getByRole('radio', { name: 'turns on pins' }).click()
  await expect(proof(page)).toContainText('8 parts, nothing overlaps, nothing missing, the lid opens')
  await expect(page.getByTestId('hinge-stop')).toContainText('It opens to 10')
  await settled(page)
  await goTo(page, 'Build')
  await expect(page.getByRole('region', { name: 'Have ready' })).toContainText(
    /2 pins: 3.0 mm diameter, \d+\.\d mm long/,
  )
  await expect(page.getByRole('heading', { name: 'Floor', exact: false }).first()).toBeVisible()
  await page.locator('[data-field=school]').getByText('two halves').click()
  await expect(page.getByRole('heading', { name: '1. Front, left' })).toBeVisible()
  await expect(
    page.getByText('Join front, left to an L').or(page.getByText('join front, left to an L')),
  ).toBeVisible()
})

test('a latch by keys, its slits along the grain, and corners round all the way', async ({ page }) => {
  await openDemo(page, 'demo-field-book', 'shape')
  await expect(proof(page)).toContainText('7 parts, nothing overlaps, nothing missing, the lid opens')
  const latch = page.getByRole('switch', { name: 'A wedge through a tongue holds it shut' })
  await choose(page, 'bends')
  await tabTo(page, latch)
  await page.keyboard.press('Space')
  await expect(proof(page)).toContainText('6 parts, nothing overlaps')
  await page.keyboard.press('Space')
  await expect(proof(page)).toContainText('the wedge comes out')
  await settled(page)
  await goTo(page, 'Build')
  await expect(page.getByText('Push the wedge through the tongue from the right')).toBeVisible()
  // Its slits lie along the face grain: across it the sheet is turned.
  await goTo(page, 'Lay out')
  const bent = page.getByRole('button', { name: /^floor, left, top/ })
  const upright = (await bent.boundingBox())!
  expect(upright.height).toBeGreaterThan(upright.width)
  await goTo(page, 'Shape')
  await page.locator('[data-field=bend-grain]').getByText('across it').click()
  await settled(page)
  await goTo(page, 'Lay out')
  await expect.poll(async () => (await bent.boundingBox())!.width).toBeGreaterThan(upright.width)
  await goTo(page, 'Shape')
  await page
    .locator('[data-field=bends]')
    .getByRole('radio', { name: /four round/ })
    .click()
  await expect(proof(page)).toContainText('6 parts, nothing overlaps, nothing missing')
  await expect(latch).toBeHidden()
  await expect(page.getByText('back, left, front, right is larger than the bed')).toBeVisible()
  await typeInto(page, field(page, 'Width'), '120')
  await expect(page.getByText('is larger than the bed')).toBeHidden()
  await settled(page)
  await goTo(page, 'Build')
  await expect(page.getByText('glue the fingers of that seam')).toBeVisible()
})

test('a panel larger than the bed is divided where it is typed; a piece too long is refused', async ({
  page,
}) => {
  await openDemo(page, 'demo-crate', 'shape')
  await typeInto(page, field(page, 'Width'), '900')
  await choose(page, 'stocks')
  await page.locator('[data-field=seams]').getByRole('switch').press('Space')
  const front = page.getByLabel(/^Front, 906 mm long, meets at/)
  await typeInto(page, front, 'half')
  await expect(page.getByText('“half” cannot be read. Type up to 5 lengths')).toBeVisible()
  await typeInto(page, front, '620')
  await expect(
    page.getByText('The front a would be 625 mm long, more than the bed takes. Move the seam.'),
  ).toBeVisible()
  await typeInto(page, front, '400')
  await expect(page.getByText('more than the bed takes')).toHaveCount(0)
  await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
  await settled(page)
  await goTo(page, 'Lay out')
  await expect(page.getByRole('button', { name: /^front a/ })).toBeVisible()
  await goTo(page, 'Shape')
  await page.getByRole('button', { name: 'Undo' }).press('Enter')
  await expect(front).not.toHaveValue('400') // what was typed quickly one after the other is one step
})

test('a lower front by keys, in inches as well; refused where nothing of it is left', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'shape')
  await tabTo(page, page.locator('[data-thing=add]'))
  await page.keyboard.press('Enter')
  await tabTo(page, page.getByRole('button', { name: 'Lower front' }))
  await page.keyboard.press('Space')
  await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
  await page.locator('[data-field=rim-shape]').getByText('curve').click()
  await typeInto(page, field(page, 'Front lower by'), '1/2 in')
  await page.keyboard.press('Tab')
  await expect(field(page, 'Front lower by')).toHaveValue('12.7')
  const curve = (await page.locator('[data-panel=left]').getAttribute('d'))!
  expect(curve.match(/L/g)!.length).toBeGreaterThan(30)
  await typeInto(page, field(page, 'Front lower by'), '900')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('alert').filter({ hasText: 'That leaves too little' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(proof(page)).toContainText('nothing overlaps, nothing missing')
})

test('an opening by keys: in the lid, placed by numbers, told of where it meets a joint', async ({
  page,
}) => {
  await openDemo(page, 'demo-slip', 'shape')
  await choose(page, 'openings')
  const add = page.getByRole('button', { name: 'Add an opening' })
  await tabTo(page, add)
  await page.keyboard.press('Enter')
  const flat = page.locator('[data-panel=front]')
  await expect(flat).toHaveAttribute('d', /Z.*Z/)
  await page.locator('[data-field=opening-shape]').selectOption('rectangle')
  await typeInto(page, field(page, 'To the right'), '-1/2 in')
  await expect(page.getByText(/An opening in the front comes nearer/)).toBeHidden()
  await page.locator('[data-field=opening-anchor]').selectOption('bottom')
  await expect(page.getByText(/An opening in the front comes nearer to a joint/)).toBeVisible()
  await page.getByRole('button', { name: 'Remove this opening' }).click()
  await expect(page.getByText(/An opening in the front/)).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText(/An opening in the front comes nearer to a joint/)).toBeVisible()
})

test('a lid, a drawer and a cover move on the screen', { tag: '@space' }, async ({ page }) => {
  await openDemo(page, 'demo-core-cabinet', 'shape')
  const canvas = page.locator('canvas').first()
  await expect(canvas).toBeVisible()
  await page.waitForTimeout(800)
  const closed = await canvas.screenshot()
  await page.getByLabel('What is opened').selectOption({ label: 'drawer 5' })
  await page.getByLabel('How far it is open').fill('0.7')
  await page.waitForTimeout(500)
  expect((await canvas.screenshot()).equals(closed)).toBe(false)
  await page.goto('./#/job/demo-field-book/shape')
  await settled(page)
  await page.waitForTimeout(800)
  const shut = await canvas.screenshot()
  await page.getByLabel('Open the lid').fill('0.6')
  await page.waitForTimeout(500)
  expect((await canvas.screenshot()).equals(shut)).toBe(false)
})
