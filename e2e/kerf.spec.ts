import { expect, test, type Locator, type Page } from './fixtures'
import { DEMOS, choose, contentOf, field, goTo, line, openDemo, settled } from './helpers'

const toKerf = async (page: Page) => {
  await openDemo(page, 'demo-tray')
  await page.getByRole('link', { name: 'Measure the kerf' }).click()
}
const read = async (page: Page, values: string[]) => {
  for (const value of values) {
    await page.locator('#bench-reading').fill(value)
    await page.getByRole('button', { name: 'Next' }).click()
  }
}
const pieceAsSvg = async (page: Page): Promise<string> => {
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Test piece, SVG' }).click()
  return contentOf(await writing)
}

test('squares, from test piece to result, and a slip that is asked about', async ({ page }) => {
  await toKerf(page)
  await page.getByLabel('How many').fill('3')
  const svg = await pieceAsSvg(page)
  expect(svg.match(/<path data-part="square-/g)!.length).toBeGreaterThanOrEqual(6)
  expect(svg).toContain('3 squares of 25.00 mm, arrows across the sheet. No compensation is in the paths')
  await page.locator('#bench-reading').fill('0.978 in')
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByRole('button', { name: /square 1, across: 24.841/ })).toBeVisible()
  await read(page, ['248.5'])
  await expect(page.getByText('248.5 mm can hardly be right')).toContainText('Did you mean 24.85 mm')
  await page.getByRole('button', { name: 'Use 24.85 mm' }).click()
  await expect(page.getByRole('button', { name: /^Kerf, full width: 0.154 mm/ })).toBeVisible()
  await expect(page.getByTestId('advice')).toContainText('One square gives a figure but no interval')
  await read(page, ['24.83', '24.84', '24.84', '24.86'])
  await expect(page.getByText('All readings are taken')).toBeVisible()
  await expect(page.getByTestId('advice')).toContainText('A slit strip would be better')
  await page.getByRole('radio', { name: /Slit strip/ }).click() // a look at another method loses nothing
  await page.getByRole('radio', { name: /Squares/ }).click()
  await expect(page.getByText('All readings are taken')).toBeVisible()
  await page.getByRole('button', { name: 'Use this kerf' }).click()
  await expect(page.getByRole('list', { name: 'Kerf records' }).getByRole('listitem')).toHaveCount(2)
  await settled(page)
  await page.reload()
  await expect(page.getByRole('button', { name: /square 3, along: 24.86/ })).toBeVisible()
  await page.getByRole('link', { name: 'Back to Measure' }).click()
  await expect(page.getByText(/3 squares of 25 mm/)).toBeVisible()
})

test('a slit strip on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await page.goto('./#/job/demo-tray/measure/kerf')
  await page.getByRole('radio', { name: /Slit strip/ }).click()
  expect(await pieceAsSvg(page)).toContain('cut by 10 lines, both ends counted')
  await page.locator('#bench-reading').scrollIntoViewIfNeeded()
  await read(page, ['1.62', '1.60', '1.61'])
  await expect(page.getByRole('button', { name: /^Kerf, full width: 0.161 ± 0.002 mm/ })).toBeVisible()
  await expect(page.getByTestId('advice')).toContainText(
    'Good enough: these readings are not what is in doubt',
  )
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  const top = async (shown: Locator): Promise<number> => (await shown.boundingBox())!.y
  expect(await top(page.getByTestId('advice'))).toBeLessThan(
    await top(page.getByRole('region', { name: 'Drawing of the test piece' })),
  ) // next to the readings
  await page.getByRole('button', { name: 'Use this kerf' }).click()
  await expect(page.getByText(/is on the bench and in this job/)).toBeVisible()
})

test('a slot gauge needs no calipers', async ({ page }) => {
  await toKerf(page)
  await page.getByRole('radio', { name: /Slot gauge/ }).click()
  expect(await pieceAsSvg(page)).toContain('<g id="inside-cuts"')
  await page.getByRole('group', { name: 'Best one' }).getByRole('button').nth(7).click()
  await expect(page.getByRole('button', { name: /^Kerf, full width: 0\.\d+ ± 0\.\d+ mm/ })).toBeVisible()
  await page.getByLabel('Thickness where it was pushed in').fill('3.05')
  await page.getByRole('button', { name: /^Kerf, full width/ }).click()
  await expect(page.getByRole('dialog')).toContainText('k = T − (w − step ÷ 2)')
})

test('a fit comb gives one’s own snug, apart from kerf; a verdict does too', async ({ page }) => {
  await toKerf(page)
  await page.getByRole('radio', { name: /Fit comb/ }).click()
  expect(await pieceAsSvg(page)).toContain('0.040 to 0.110 mm per side')
  await page.getByRole('button', { name: '9: 0.090 mm' }).click()
  await expect(
    page.getByRole('button', { name: /^Your own snug, interference per glue line: 0.020/ }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Keep as my own snug in plywood' }).click()
  // The pair that felt best is the kerf's doing as well as the hand's: both are moved.
  await expect(page.getByText(/Your own snug in plywood is on the bench: 0\.0\d\d mm/)).toBeVisible()
  await settled(page)
  await goTo(page, 'Log')
  // the first verdict came with the job's file
  await page.getByRole('article', { name: 'Revision 1' }).getByRole('link').click()
  await page.getByRole('button', { name: 'Learn from it' }).click()
  await expect(page.getByTestId('moved')).toContainText(/Learnt from it: kerf 0\.\d+ → 0\.\d+ mm/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('not-kept')).toBeVisible()
  await page.getByRole('link', { name: 'All cuts' }).click()
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const second = page.getByRole('article', { name: 'Revision 2' })
  await second.getByRole('radio', { name: 'press' }).click()
  await second.getByRole('button', { name: 'Learn from it' }).click()
  await expect(second.getByTestId('moved')).toBeVisible()
  await goTo(page, 'Measure')
  await expect(page.getByText(/newer figures for what is believed of the fit than/)).toContainText('fit')
  await page.getByRole('button', { name: 'Undo' }).click() // what the bench learnt
  await expect(page.getByText(/newer figures for what is believed of the fit than/)).toHaveCount(0)
})

test('a comb offers to cut so now, and is kept once; a gauge that ends is shifted', async ({ page }) => {
  await toKerf(page)
  await page.getByRole('radio', { name: /Fit comb/ }).click()
  await page.getByRole('button', { name: '7: 0.070 mm' }).click()
  const keep = page.getByRole('button', { name: 'Keep as my own snug in plywood' })
  await keep.click()
  await keep.click()
  await page.getByRole('button', { name: 'Cut with 0.070 mm per side now' }).click()
  await goTo(page, 'Shape')
  // What is cut so is 0.070 per side in all, however kerf and interference share it.
  await choose(page, 'fit')
  const interference = Number(await field(page, 'Interference').inputValue())
  expect(interference).toBeLessThan(0)
  await settled(page)
  await page.goto('./#/bench')
  await expect(page.getByRole('button', { name: /^Remove comb/ })).toHaveCount(1)

  await page.goto('./#/job/demo-tray/measure/kerf')
  await page.getByRole('radio', { name: /Slot gauge/ }).click()
  const widest = page.getByRole('group', { name: 'Best one' }).getByRole('button').first()
  await page.getByRole('button', { name: 'it enters none' }).click()
  await expect(page.getByRole('button', { name: 'Use this kerf' })).toBeDisabled()
  const before = (await widest.textContent())!
  await page.getByRole('button', { name: /Make one shifted that way: another gauge/ }).click()
  await expect(widest).not.toHaveText(before)
})

test('the picture of the odds opens from the strip and from the traveller', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.getByRole('button', { name: 'Fit with odds' }).click()
  await expect(page.getByRole('img', { name: /^tabs in notches: press \d+ %, snug \d+ %/ })).toBeVisible()
  await expect(page.getByText(/Most of the doubt, \d+ %, is the kerf/)).toBeVisible()
  await expect(page.getByText(/Most of the doubt, \d+ %, is the thickness/)).toBeVisible()
  await expect(page.getByText('That is how it comes out now.')).toBeVisible()
  await page.keyboard.press('Escape')
  await choose(page, 'fit')
  await field(page, 'Interference').fill('0.015')
  await page.getByRole('button', { name: 'Fit with odds' }).click()
  await expect(page.getByText('0.073 mm per side')).toBeVisible()
  await page.getByRole('button', { name: 'Set the interference to 0.000 mm' }).click()
  await expect(page.getByText('That is how it comes out now.')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Show the fit with its odds' }).click()
  await expect(page.getByRole('heading', { name: 'Fit, with odds' })).toBeVisible()
})

test('a newer kerf makes other jobs stale; they keep their figures until told otherwise', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray')
  const exporting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export job' }).click()
  const file = await (await exporting).path()
  await page.getByRole('link', { name: 'All jobs' }).click()
  await page.getByLabel('Job file').setInputFiles(file)
  await expect(page.getByLabel('Name of the job')).toHaveValue(/\(copy\)/)
  await settled(page)
  const copy = page.url()
  await page.goto('./#/job/demo-tray/measure/kerf')
  await page.getByRole('radio', { name: /Slit strip/ }).click()
  await read(page, ['2.00'])
  await page.getByRole('button', { name: 'Use this kerf' }).click()
  await page.getByLabel('What was done to the machine').fill('lens cleaned')
  await page.getByRole('button', { name: 'Note it' }).click()
  await expect(page.getByText('before lens cleaned').first()).toBeVisible()
  await settled(page)

  await page.goto(copy)
  await expect(page.getByRole('link', { name: /stale Measure|ready Measure/ })).toHaveAttribute(
    'data-state',
    'stale',
  )
  await expect(
    page.getByText(/newer figures for the kerf and what was done to the machine than/),
  ).toContainText('kerf 0.160 ± 0.018 mm → 0.200')
  await expect(page.getByRole('button', { name: 'Full width k: 0.160 mm. Show the working' })).toBeVisible()
  await settled(page)
  await page.reload()
  await expect(page.getByRole('button', { name: 'Full width k: 0.160 mm. Show the working' })).toBeVisible()
  await page.getByRole('button', { name: 'Take the bench’s figures' }).click()
  await expect(page.getByRole('button', { name: 'Full width k: 0.200 mm. Show the working' })).toBeVisible()
  await expect(page.getByText(/Measured before: lens cleaned/)).toBeVisible()
})

test('a machine on the bench: its kerfs, what was done to it, a kerf taken away', async ({
  page,
  context,
}) => {
  await openDemo(page, 'demo-logger')
  const bench = await context.newPage()
  await bench.goto('./#/bench/machines')
  await bench.getByRole('button', { name: /Shed laser/ }).click()
  const kerfs = bench.getByRole('list', { name: 'Kerfs measured on it' }).getByRole('listitem')
  await expect(kerfs).toHaveCount(2)
  await bench.getByLabel('What was done to the machine').fill('new lens')
  await bench.getByLabel('On which day').fill('2026-10-20')
  await bench.getByRole('button', { name: 'Note it' }).click()
  await expect(kerfs.first()).toContainText('before new lens')
  await expect(page.getByText('Measured before: new lens')).toBeVisible() // the other tab hears of it
  await bench.getByRole('button', { name: 'Remove new lens' }).click()
  await expect(page.getByText('Measured before: new lens')).toHaveCount(0)

  await bench
    .getByRole('button', { name: /Remove the kerf of/ })
    .first()
    .click()
  await expect(kerfs).toHaveCount(1)
  await bench.getByRole('button', { name: 'Bring back' }).last().click()
  await expect(kerfs).toHaveCount(2)
  await field(bench, 'Bed width').fill('610')
  await expect(page.getByText(/newer figures for the machine than/)).toBeVisible()
})

test('undo takes back on the bench what it takes back in the job', async ({ page }) => {
  await toKerf(page)
  await page.getByRole('radio', { name: /Slit strip/ }).click()
  await read(page, ['1.70'])
  await page.getByRole('button', { name: 'Use this kerf' }).click()
  const records = page.getByRole('list', { name: 'Kerf records' }).getByRole('listitem')
  await expect(records).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(records).toHaveCount(1)
  await expect(records.first()).toContainText('in use')
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(records).toHaveCount(2)
})

test('the stock book: a column pasted, CSV out and in with bad rows by line, a new batch unmeasured', async ({
  page,
}) => {
  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await page.getByRole('link', { name: 'Bench: stock, orders, machines' }).click()
  await page.getByRole('button', { name: /Fibreboard 4, dry store/ }).click()
  await page.getByText('Paste a column, CSV in and out').click()
  await page.getByLabel('Readings to paste').fill('3,90\n3,95\n4.3')
  await page.getByRole('button', { name: 'Add these' }).click()
  await expect(page.getByRole('button', { name: /Fibreboard 4, dry store/ }).first()).toContainText(
    '8 readings, uneven',
  )
  await expect(page.getByText(/Uneven sheet: thinnest 3.90 mm/)).toContainText('thickest 4.30 mm')
  await expect(page.getByRole('button', { name: /Slot width to use: 4.30 mm/ })).toBeVisible()
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const csv = await contentOf(await saving)
  expect(csv.split('\n')[0]).toBe('thickness mm,where,when')

  await page.getByRole('button', { name: 'New batch of this' }).click()
  await expect(page.getByText('This batch is not measured yet')).toBeVisible()
  await page.getByText('Paste a column, CSV in and out').click()
  await page
    .getByLabel('CSV file of readings')
    .setInputFiles({ name: 'r.csv', mimeType: 'text/csv', buffer: Buffer.from(csv.replace('3.94', 'thick')) })
  await expect(page.getByText('7 readings are added, 1 line is not:')).toBeVisible()
  await expect(page.getByText(/^Line 3: “thick” is not a figure/)).toBeVisible()
  await page.getByRole('textbox', { name: 'Batch' }).fill('second delivery')
  await page.getByRole('textbox', { name: 'Batch' }).blur()
  await page.reload()
  await expect(page.getByRole('button', { name: /Fibreboard 4, second delivery/ })).toContainText(
    '7 readings',
  )
})

test('a new batch may begin with what the machine took from the last one, as a guess', async ({ page }) => {
  await openDemo(page, 'demo-tray')
  await page.getByRole('button', { name: 'New batch' }).click()
  await expect(page.getByText('Not measured for this pair: 0.15 mm is assumed')).toBeVisible()
  await page.getByRole('button', { name: 'Guess from Birch ply 3, peat batch: 0.160 ± 0.05 mm' }).click()
  await expect(page.getByRole('button', { name: 'Full width k: 0.160 mm. Show the working' })).toBeVisible()
  await expect(page.getByText('A guess from Birch ply 3, peat batch, until it is measured')).toBeVisible()
  await expect(page.getByLabel('How sure, ±')).toHaveValue('0.05')
  await page.getByLabel('Thickness readings').fill('3.1')
  await page.getByRole('button', { name: 'Add reading' }).click()
  await expect(line(page, 'measure')).toHaveText('3.10, 1 reading; kerf assumed')
})

test('an old note per side is doubled; typed beside a measured one it is a new record', async ({ page }) => {
  await openDemo(page, 'demo-tray')
  await page.getByRole('radio', { name: 'per side' }).click()
  await field(page, 'Kerf, per side').fill('0.09')
  await expect(page.getByRole('button', { name: 'Full width k: 0.180 mm. Show the working' })).toBeVisible()
  await expect(
    page.getByRole('button', { name: 'Per side, c = k ÷ 2: 0.090 mm. Show the working' }),
  ).toBeVisible()
  const setting = page.getByLabel('It holds for this setting and focus')
  await expect(setting).toHaveValue('') // an old note does not say at which setting
  await setting.fill('18 mm/s, 65 %')
  await expect(
    page.getByText('The kerf was measured at 18 mm/s, 65 %; this cuts with 12 mm/s, 65 %, 1 pass.').first(),
  ).toBeVisible()
  await setting.fill('12 mm/s, 65 %, 1 pass, focus 1 mm below the face')
  await setting.blur()
  await settled(page)
  await page.reload()
  await expect(setting).toHaveValue(/1 mm below/)
  await page.getByRole('link', { name: 'Measure the kerf' }).click()
  await expect(page.getByRole('list', { name: 'Kerf records' }).getByRole('listitem')).toHaveCount(2)
  await expect(line(page, 'measure')).toContainText('7 readings')
})
