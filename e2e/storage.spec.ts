import { expect, test } from './fixtures'
import { DEMOS, demoFile, field, line, newJob, openDemo, settled } from './helpers'
import { readFileSync } from 'node:fs'

test('a reload in the middle of typing keeps what was typed, and the layout', async ({ page }) => {
  await openDemo(page, 'demo-slip', 'shape')
  const layout = await line(page, 'layout').textContent()
  await field(page, 'Height').fill('190')
  await settled(page)
  await page.reload()
  await expect(field(page, 'Height')).toHaveValue('190')
  await settled(page)
  await field(page, 'Height').fill('208')
  await settled(page)
  await expect(line(page, 'layout')).toHaveText(layout!)
})

test('two tabs on one job show each other’s changes; undo goes back over them', async ({ page, context }) => {
  await openDemo(page, 'demo-tray', 'shape')
  const other = await context.newPage()
  await other.goto('./#/job/demo-tray/shape')
  await settled(other)
  await field(other, 'Width').fill('222')
  await expect(field(page, 'Width')).toHaveValue('222')
  await field(page, 'Depth').fill('111')
  await expect(field(other, 'Depth')).toHaveValue('111')
  await expect(field(other, 'Width')).toHaveValue('222')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(field(other, 'Depth')).toHaveValue('160')
  const list = await context.newPage()
  await list.goto('./')
  await list.getByRole('button', { name: 'Delete Specimen tray, moss survey' }).click()
  await expect(page.getByText('This job was deleted in another tab.')).toBeVisible()
  await expect(field(page, 'Width')).toHaveValue('222')
  await list.getByRole('button', { name: 'Bring back' }).click()
  await expect(list.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
})

test('when storage is full it says so, keeps the screen, and saves again once there is room', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'shape')
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put
    Object.assign(globalThis, {
      makeRoom: () => {
        IDBObjectStore.prototype.put = put
      },
    })
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await field(page, 'Width').fill('231')
  await expect(page.getByText('The last change is not saved')).toBeVisible()
  await expect(page.getByTestId('saving')).toHaveText('not saved')
  await field(page, 'Depth').fill('171')
  await expect(field(page, 'Width')).toHaveValue('231')
  const exporting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export job now' }).click()
  expect(JSON.parse(readFileSync(await (await exporting).path(), 'utf8'))).toMatchObject({
    box: { width: 231, depth: 171 },
  })
  await page.evaluate(() => (globalThis as unknown as { makeRoom: () => void }).makeRoom())
  await page.getByRole('button', { name: 'Try again' }).click()
  await settled(page)
  await page.reload()
  await expect(field(page, 'Width')).toHaveValue('231')
  await expect(field(page, 'Depth')).toHaveValue('171')
})

test('broken and newer job files are refused whole; a good one comes in beside its twin', async ({
  page,
}) => {
  await page.goto('./')
  const jobs = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')
  await expect(jobs).toHaveCount(DEMOS.length)
  const text = readFileSync(demoFile('logger-case'), 'utf8')
  const give = (name: string, content: string) =>
    page
      .getByLabel('Job file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) })
  await give('cut-short.json', text.slice(0, 700))
  await expect(
    page.getByText('“cut-short.json” was not imported. The file is not readable JSON'),
  ).toBeVisible()
  await give('newer.json', text.replace(/"version": \d+/, '"version": 99'))
  await expect(page.getByText('written by a newer Uplands (version 99')).toBeVisible()
  await give('odd.json', text.replace('"height": 42', '"height": "tall"'))
  await expect(page.getByText('height of box')).toBeVisible()
  await expect(jobs).toHaveCount(DEMOS.length)
  await page.getByLabel('Job file').setInputFiles(demoFile('logger-case'))
  await expect(page.getByLabel('Name of the job')).toHaveValue('Logger case, rain gauge 4 (copy)')
  await page.getByRole('link', { name: 'All jobs' }).click()
  await expect(jobs).toHaveCount(DEMOS.length + 1)
})

test('a job that is not here says so', async ({ page }) => {
  await page.goto('./#/job/nowhere/measure')
  await expect(page.getByRole('heading', { name: 'This job is not in this browser' })).toBeVisible()
})

test('a name is kept as it is typed, whatever is drawn anew behind it', async ({ page }) => {
  await page.goto('./')
  await newJob(page)
  const name = page.getByLabel('Name of the job')
  await name.fill('Vial rack')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Vial rack')
  await settled(page)
  await expect(name).toHaveValue('Vial rack')
  await name.fill('   ')
  await name.blur()
  await expect(name).toHaveValue('Vial rack')
  await page.reload()
  await expect(page.getByLabel('Name of the job')).toHaveValue('Vial rack')
})
