import { expect, test } from './fixtures'
import { contentOf, field, goTo, line, openDemo, settled, tabTo, typeInto } from './helpers'

test('the scrubber draws labels before outlines, sheet by sheet', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'cut')
  const clock = page.getByLabel('Time into the cut')
  const drawn = (operation: string) => page.locator(`[data-done=${operation}]`).getAttribute('d')
  await clock.fill('2')
  await expect(page.getByTestId('doing')).toContainText(/score labels|travelling/)
  expect((await drawn('score'))!.length).toBeGreaterThan(10)
  expect(await drawn('outline')).toBe('')
  await clock.press('End')
  await expect(page.getByTestId('doing')).toHaveText('done')
  expect((await drawn('outline'))!.length).toBeGreaterThan(1000)
  await page.getByRole('button', { name: 'Sheet 3' }).click()
  await expect(page.getByTestId('doing')).toHaveText('not begun')
  await page.getByRole('button', { name: 'Play' }).click()
  await expect(page.getByTestId('doing')).not.toHaveText('not begun')
  await page.getByRole('button', { name: 'Pause' }).click()
})

test('colours belong to the machine: another job on it has them as well', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  await page.getByLabel('Colour of score labels').fill('#123456')
  await settled(page)
  await goTo(page, 'Measure')
  await expect(page.getByText(/newer figures/)).toHaveCount(0)
  await page.goto('./#/job/demo-logger/measure')
  await expect(page.getByText(/newer figures for the machine than/)).toBeVisible()
  await page.getByRole('button', { name: 'Take the bench’s figures' }).click()
  await goTo(page, 'Cut')
  await expect(page.getByLabel('Colour of score labels')).toHaveValue('#123456')
})

test('a sheet larger than the bed is one sheet in several loads, and each says where it goes', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'layout')
  await field(page, 'Sheet width').fill('1300')
  await field(page, 'Sheet height').fill('900')
  await goTo(page, 'Shape')
  await field(page, 'Copies').fill('6')
  await settled(page)
  await goTo(page, 'Lay out')
  await expect(page.getByTestId('sheets-used')).toHaveText(/^1/)
  await goTo(page, 'Cut')
  await expect(page.locator('[data-check=bed]')).toContainText('One sheet in 9 loads')
  await expect(page.locator('[data-check=bed]')).toContainText('front left corner of the bed')
  await page.getByRole('button', { name: 'Sheet 1, load 2' }).click()
  await expect(page.getByTestId('doing')).toHaveText('not begun')
  await goTo(page, 'Measure')
  await page.locator('[data-field=origin] select').selectOption('back right')
  await goTo(page, 'Cut')
  await expect(page.locator('[data-check=bed]')).toContainText('back right corner of the bed')
})

test('a written file goes stale with a change that reaches it, and with no other', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  await writing
  const cut = page.getByRole('link', { name: / Cut/ })
  await expect(cut).toHaveAttribute('data-state', 'ready')
  await page.getByLabel('Name of the job').fill('Tray, renamed')
  await page.getByLabel('Name of the job').blur()
  await expect(cut).toHaveAttribute('data-state', 'ready')
  await goTo(page, 'Shape')
  await field(page, 'Height').fill('46')
  await settled(page)
  await expect(cut).toHaveAttribute('data-state', 'stale')
  await expect(line(page, 'cut')).toHaveText(/min/)
  // Wherever one is, it is read out.
  await expect(page.getByTestId('stale')).toContainText('Cut: The file was written before the last change')
})

test('small parts are held by bridges: in the file, and said before it is cut', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  await typeInto(page, field(page, 'On each'), '2')
  await page.keyboard.press('Enter')
  await settled(page)
  await expect(page.getByText('9 parts held by bridges')).toBeVisible()
  await expect(page.getByText(/^\S+ written\.$/)).toHaveCount(0) // a figure that is entered writes nothing
  const [written] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  const ways = (await contentOf(written)).match(/<path data-part="[^"]*front[^"]*" d="[^"]*"/g)!
  expect(ways.filter((way) => !way.includes(' Z')).length).toBeGreaterThanOrEqual(2)
})

test('a test pocket says how deep grooves come out, and the speed for the depth wanted', async ({ page }) => {
  await openDemo(page, 'demo-logger', 'tune')
  const depth = page.getByTestId('pocket-depth')
  await expect(depth).toContainText('a guess until a pocket is measured')
  await typeInto(page, field(page, 'Measured depth of one'), '0.9')
  await page.keyboard.press('Enter')
  await expect(depth).toContainText('It burns 0.9 mm deep')
  await page.getByRole('button', { name: /^Take .* for that depth$/ }).click()
  await expect(depth).toContainText('It burns 1.8 mm deep')
  await expect(page.getByRole('list', { name: 'Test pockets' }).getByRole('listitem')).toHaveCount(1)
})

test('minutes of a cut move what is said of the next one, of another job on that machine as well', async ({
  page,
}) => {
  await openDemo(page, 'demo-slip', 'cut')
  const planned = (await line(page, 'cut').textContent())!
  await goTo(page, 'Log')
  await page.getByRole('button', { name: 'It was cut now' }).click()
  await typeInto(page, page.getByLabel('Minutes taken').first(), '21')
  await page.keyboard.press('Tab')
  await goTo(page, 'Cut')
  const clocked = page.getByTestId('clocked')
  await expect(clocked).toContainText(/\d+ to \d+ min/)
  expect(await line(page, 'cut').textContent()).not.toBe(planned)
  await clocked.getByRole('button').click()
  await expect(page.getByRole('dialog')).toContainText(/From \w+ cuts on this machine/)
  await page.keyboard.press('Escape')
  await settled(page)
  await page.goto('./#/job/demo-rack/cut')
  await settled(page)
  await expect(clocked).toContainText(/\d+ to \d+ (s|min)/)
  await page.goto('./#/job/demo-slip/log')
  await page.getByRole('article').first().getByRole('link').click()
  await page.getByRole('button', { name: 'Remove revision' }).first().click()
  await goTo(page, 'Cut')
  await expect(line(page, 'cut')).toHaveText(planned)
})

test('one file for each operation; a program that waits; an extra pass over a part that stayed in', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'cut')
  await page.locator('[data-field=files-per]').getByRole('radio', { name: 'operation' }).click()
  await settled(page)
  const [zip] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  expect(zip.suggestedFilename()).toMatch(/\.zip$/)
  await expect(page.getByText(/^\d files in one zip written\. The mark is \w{5}\.$/)).toBeVisible()
  await page.locator('[data-field=files-per]').getByRole('radio', { name: 'sheet' }).click()
  await page.getByRole('checkbox', { name: 'SVG' }).uncheck()
  await page.getByRole('checkbox', { name: 'G-code' }).check()
  await page.getByRole('switch', { name: 'Go round it first, beam off, and wait' }).click()
  await page.getByRole('switch', { name: 'Wait at the end, to look before you move the sheet' }).click()
  await settled(page)
  const [program] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  const lines = (await contentOf(program)).split('\n')
  expect(lines.filter((each) => each === 'M0')).toHaveLength(2)
  // By keys: the part that stayed in, two passes, as a program of its own.
  const card = page.getByRole('region', { name: 'An extra pass' })
  await tabTo(page, card.locator('summary'))
  await page.keyboard.press('Enter')
  await tabTo(page, card.getByRole('checkbox').first())
  await page.keyboard.press('Space')
  await typeInto(page, card.getByRole('textbox', { name: 'Extra passes' }), '2')
  await card.getByRole('radio', { name: 'G-code' }).click()
  const [again] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('button', { name: 'Write the extra pass' }).click(),
  ])
  const passes = (await contentOf(again)).split('\n').filter((each) => each.startsWith('G1')).length
  expect(passes).toBeGreaterThan(10)
  expect(passes).toBeLessThan(lines.filter((each) => each.startsWith('G1')).length)
})
