import { readFileSync } from 'node:fs'
import { expect, test, type Page } from './fixtures'
import { goTo, openDemo, settled } from './helpers'

async function open(page: Page, pattern: string) {
  await page.goto('./')
  await page.getByRole('button', { name: 'Boxes from a table' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('The pattern').selectOption({ label: pattern })
  await expect(dialog).toContainText('Columns can be: name, copies')
  return dialog
}

test('a table makes a job with a box for every row; rows that make none say why', async ({ page }) => {
  const dialog = await open(page, 'Specimen tray, moss survey')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'A table to fill in' }).click(),
  ])
  const example = readFileSync(await download.path(), 'utf8')
  expect(example.split('\r\n')[0]).toBe('name,copies,width mm,depth mm,height mm')
  const file = (text: string) => ({ name: 'trays.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  const chooser = dialog.getByLabel('Table of boxes')
  await chooser.setInputFiles(file('name,colour\r\nLing,red'))
  await expect(dialog.getByRole('alert')).toContainText('“colour” is not a column here.')
  await chooser.setInputFiles(
    file(
      'name,copies,width,depth\r\nLing,2,200,150\r\nRush,1,wide,150\r\nSedge,1,9 in,150\r\nMoss,1,4,80\r\n',
    ),
  )
  await expect(dialog.getByRole('list', { name: 'Rows that make no box' })).toHaveText(
    'Row 3: “wide” is not a length for width',
  )
  await dialog.getByRole('button', { name: 'Make 3 boxes' }).click()
  await expect(dialog.getByRole('list', { name: 'Rows that make no box' })).toContainText(/Row 5: .*\./)
  await dialog.getByRole('button', { name: 'Open the job' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('from a table')
  const things = page.getByRole('group', { name: 'Things of this job' })
  await expect(things.getByRole('button')).toHaveText(['2 × Ling', 'Sedge'])
  await things.getByRole('button', { name: 'Sedge' }).click()
  await expect(page.getByRole('textbox', { name: 'Width', exact: true })).toHaveValue('228.6')
  await settled(page)
  // The pattern stays as it was.
  await openDemo(page, 'demo-tray', 'shape')
  await expect(page.getByRole('textbox', { name: 'Width', exact: true })).toHaveValue('240')
})

test('two hundred rows are a job within ten seconds, each box with its own name, chosen from a list', async ({
  page,
}) => {
  const dialog = await open(page, 'Rack for record cards')
  const rows = Array.from({ length: 200 }, (_, i) => `Rack ${i + 1},${200 + i / 4}`)
  await dialog.getByLabel('The table, with').fill(['name,width', ...rows].join('\n'))
  await dialog.getByRole('button', { name: 'Make 200 boxes' }).click()
  const chosen = page.getByLabel('Thing 1 of 200')
  await expect(chosen).toBeVisible({ timeout: 30_000 })
  await expect(chosen.locator('option')).toHaveCount(200)
  await chosen.selectOption({ label: 'Rack 200' })
  await expect(page.getByRole('textbox', { name: 'Width', exact: true })).toHaveValue('249.75')
  await page.getByRole('button', { name: 'The thing before' }).click()
  await expect(page.getByLabel('Thing 199 of 200')).toBeVisible()
  await goTo(page, 'Measure')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rack for record cards, from a table')
})
