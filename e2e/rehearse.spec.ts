import { readFileSync } from 'node:fs'
import { expect, test } from './fixtures'
import { unzipSync } from 'fflate'
import { goTo, line, openDemo, settled, tabTo } from './helpers'

test('G-code and paper at true size are written beside the drawings', async ({ page }) => {
  await openDemo(page, 'demo-field-book', 'cut')
  await settled(page)
  await page.getByRole('checkbox', { name: 'G-code' }).check()
  await page.getByLabel('PDF, 1 : 1').check()
  await page.getByLabel('Paper').selectOption('A3')
  const [written] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  const files = unzipSync(new Uint8Array(readFileSync(await written.path())))
  const named = (ending: string): string => Object.keys(files).find((name) => name.endsWith(ending))!
  const code = new TextDecoder().decode(files[named('.gcode')])
  expect(code).toMatch(/; engraving[\s\S]*; score labels[\s\S]*; outline cuts[\s\S]*M2/)
  expect(new TextDecoder().decode(files[named('.pdf')].slice(0, 5))).toBe('%PDF-')
})

test('a file is held against the plan: the same, and with a line put in', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  await settled(page)
  const [written] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Write the cut files' }).click(),
  ])
  const text = readFileSync(await written.path(), 'utf8')
  const give = (content: string) =>
    page
      .getByLabel('Files to hold against the plan')
      .setInputFiles({ name: 'back.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(content) })
  await give(text)
  await expect(page.getByTestId('differences')).toContainText(
    'lines of the plan are in back.svg, and no other',
  )
  await give(text.replace('</svg>', '<path d="M5 5L60 5L60 40Z"/></svg>'))
  await expect(page.getByTestId('differences')).toContainText(
    '0 of the plan are missing, 1 are not in the plan',
  )
  await give('nothing')
  await expect(page.getByText('There is no drawing in this SVG file')).toBeVisible()
})

test('a rehearsal by keys: parts come free, with their true gaps; another laser is another', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'cut')
  await settled(page)
  const card = page.getByRole('region', { name: 'Rehearsal' })
  const said = page.getByTestId('rehearsed')
  await tabTo(page, card.getByRole('radio', { name: 'Any laser' }))
  await tabTo(page, card.getByRole('button', { name: 'Cut it on one' }))
  await page.keyboard.press('Enter')
  await expect(said).toContainText(/of 10 parts came free/)
  await said.getByText('What was wrong there').click()
  await tabTo(page, card.getByRole('radio', { name: 'Any laser' }))
  await page.keyboard.press('ArrowDown')
  await expect(said).toHaveCount(0)
  await tabTo(page, card.getByRole('button', { name: 'Cut it on one' }))
  await page.keyboard.press('Enter')
  await expect(said).toContainText('10 of 10 parts came free')
  await expect(said.getByText('What was wrong there')).toHaveCount(0)
  await expect(said).toContainText(/Gaps from .* snug/)
  const first = await said.textContent()
  await page.getByRole('button', { name: 'On another laser' }).click()
  await expect(said).toContainText('Laser 2')
  expect(await said.textContent()).not.toBe(first)
  await said.getByText('What calipers read there').click()
  await expect(said.getByRole('row')).toHaveCount(11)
})

test('the machine’s own words are kept on the bench, and go into its programs', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'measure')
  await page.goto(page.url().replace(/#.*/, '#/bench/machines'))
  const form = page.locator('[data-field=machine-code]').first()
  // The bench is read meanwhile, and the form drawn anew.
  await expect(async () => {
    const text = form.locator('[data-field=code-header] textarea')
    if (!(await text.isVisible())) await form.locator('summary').click()
    await text.fill('G28', { timeout: 2000 })
  }).toPass()
  await page.reload()
  await form.locator('summary').click()
  await expect(form.locator('[data-field=code-header] textarea')).toHaveValue('G28')
})

test('tests teach the odds: a quicker setting that is sure enough is taken, a failed test moves it', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'tune')
  const surest = page.getByTestId('surest')
  await expect(page.getByTestId('cut-odds')).toContainText(/odds of 9\d %.*From 5 tests on this stock/)
  await expect(surest).toContainText(/ 1[34](\.5)? mm\/s/)
  await page.getByLabel('How sure it must be').fill('99')
  await expect(surest).toContainText(/99 % sure at 65 %: 1[0123](\.5)? mm\/s/)
  await page.getByRole('button', { name: 'Use it' }).click()
  await expect(page.getByTestId('reason')).toContainText(/You (typed this setting|picked this one)/)
  await page.getByRole('button', { name: 'Choose from the tests instead' }).click()
  const before = await surest.textContent()
  await page.getByLabel('Came out').selectOption('not through')
  await page.getByRole('button', { name: 'Add test' }).click()
  await expect(page.getByTestId('cut-odds')).toContainText('From 6 tests')
  expect(await surest.textContent()).not.toBe(before)
  await expect(page.getByTestId('next-test')).toContainText(/tells most: .* mm\/s/)
})

test('readings of a rehearsal go on in a copy, and the job has none of them', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  await settled(page)
  await page.getByRole('region', { name: 'Rehearsal' }).getByText('One like mine').click()
  await page.getByRole('button', { name: 'Cut it on one' }).click()
  await page.getByRole('button', { name: 'Go on with these readings, in a copy' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the job' })).toHaveValue(/rehearsed, laser 1/)
  await settled(page)
  await expect(line(page, 'measure')).toContainText('10 readings')
  await goTo(page, 'Log')
  const cuts = page.getByRole('list', { name: 'Revisions' })
  await expect(cuts).toContainText('Rehearsed on simulated laser 1')
  await page.goto('./#/job/demo-tray/log')
  await settled(page)
  await expect(cuts.getByRole('article')).toHaveCount(1)
  await expect(cuts).not.toContainText('Rehearsed')
})
