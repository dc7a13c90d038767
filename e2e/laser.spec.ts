import { expect, test, type Locator } from './fixtures'
import { goTo, openDemo, settled, tabTo } from './helpers'

/** Another window may have had it a moment ago: asked again until it begins. */
const begin = (card: Locator): Promise<void> =>
  expect(async () => {
    const button = card.getByRole('button', { name: 'Send the program and start' })
    if (await button.isVisible()) await button.click()
    await expect(card.getByTestId('laser-line')).toContainText(/running|waiting/, { timeout: 3000 })
  }).toPass()

// There is one laser: one after the other.
test.describe.configure({ mode: 'serial' })

test('a simulated laser by keys: sent, paused, its door opened, gone on with; what came out is told', async ({
  page,
}) => {
  await openDemo(page, 'demo-rack', 'cut')
  const card = page.getByRole('region', { name: 'Simulated laser' })
  const line = card.getByTestId('laser-line')
  await tabTo(page, card.getByRole('button', { name: 'Send the program and start' }))
  await expect(async () => {
    await page.keyboard.press('Enter')
    await expect(line).toContainText('running', { timeout: 3000 })
  }).toPass()
  await tabTo(page, card.getByRole('button', { name: 'Open the door' }))
  await page.keyboard.press('Enter')
  await expect(line).toContainText(/paused .* beam off · door open/)
  await card.getByRole('button', { name: 'Go on' }).click()
  await expect(card.getByRole('alert')).toHaveText('The door is open. Close it first.')
  await card.getByRole('button', { name: 'Close the door' }).click()
  await card.getByRole('button', { name: 'Go on' }).click()
  await expect(card.getByTestId('laser-parts')).toContainText(/\d of 8 parts came free/, { timeout: 30_000 })
  await expect(card.getByRole('button', { name: 'Send the program and start' })).toBeVisible()
})

test('a knock and a stop: parts that are elsewhere are told of; a program that waits, waits', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'cut')
  await page.getByRole('checkbox', { name: 'G-code' }).check()
  await page.getByRole('switch', { name: 'Go round it first, beam off, and wait' }).click()
  await settled(page)
  const card = page.getByRole('region', { name: 'Simulated laser' })
  await card.getByText('One like mine').click()
  await begin(card)
  await expect(card.getByTestId('laser-line')).toContainText('waiting')
  await card.getByRole('button', { name: 'Go on' }).click()
  await card.getByRole('button', { name: 'Knock against the sheet' }).click()
  // What was cut whole after a knock is a good part elsewhere; what was cut half by then is none.
  const parts = card.getByTestId('laser-parts')
  await expect(parts).toContainText(/were cut after the knock/, { timeout: 60_000 })
})

test('a page that is loaded anew has its laser again, and takes the parts out of it', async ({ page }) => {
  await openDemo(page, 'demo-rack', 'cut')
  const card = page.getByRole('region', { name: 'Simulated laser' })
  await card.getByText('One like mine').click()
  await begin(card)
  await card.getByRole('button', { name: 'Pause' }).click()
  await expect(card.getByTestId('laser-line')).toContainText('paused')
  await page.reload()
  await settled(page)
  await expect(card.getByTestId('laser-line')).toContainText('paused')
  await card.getByRole('button', { name: 'Go on' }).click()
  await expect(card.getByTestId('laser-parts')).toContainText(/\d of 8 parts came free/, { timeout: 60_000 })
})

test('a laser that does not answer is told of, another window waits, and nothing is lost', async ({
  page,
  context,
}) => {
  await openDemo(page, 'demo-tray', 'cut')
  const card = page.getByRole('region', { name: 'Simulated laser' })
  await begin(card)
  await page.route('**/laser/act', (route) => route.abort())
  await card.getByRole('button', { name: 'Pause' }).click()
  await expect(card.getByRole('alert')).toContainText('The simulated laser does not answer.')
  await page.unroute('**/laser/act')
  const other = await context.newPage()
  await other.goto('./#/job/demo-rack/cut')
  await settled(other)
  const second = other.getByRole('region', { name: 'Simulated laser' })
  await second.getByRole('button', { name: 'Send the program and start' }).click()
  await expect(second.getByRole('alert')).toContainText('Another window works with this laser.')
  await card.getByRole('button', { name: 'Stop' }).click()
  await goTo(page, 'Shape')
  await settled(page)
})

test('without a server it runs in the page: paused, gone on with, and parts come out', async ({ page }) => {
  await page.route('**/laser/**', (route) => route.abort())
  await openDemo(page, 'demo-rack', 'cut')
  await settled(page)
  const card = page.getByRole('region', { name: 'Simulated laser' })
  const line = card.getByTestId('laser-line')
  await card.getByRole('button', { name: 'Send the program and start' }).click()
  await expect(card.getByText('it runs in this window')).toBeVisible()
  await expect(line).toContainText('running')
  await card.getByRole('button', { name: 'Pause' }).click()
  await expect(line).toContainText('paused')
  await card.getByRole('button', { name: 'Go on' }).click()
  await expect(card.getByTestId('laser-parts')).toContainText(/\d of 8 parts came free/, { timeout: 30_000 })
})
