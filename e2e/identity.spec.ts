import { readFileSync } from 'node:fs'
import { expect, test } from './fixtures'
import { choose, contentOf, demoFile, field, goTo, openDemo, settled } from './helpers'

test('what was written is what is cut again, logged and exported, though the job has changed since', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'cut')
  await expect(page.getByTestId('summary')).toContainText('Outside 240.0 × 160.0 × 45.0 mm, no lid.')
  const write = async () => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Write the cut files' }).click(),
    ])
    return { name: file.suggestedFilename(), content: await contentOf(file) }
  }
  const first = await write()
  const mark = /-(\w{5})-sheet-1\.svg$/.exec(first.name)![1]
  expect(first.content).toContain(`Mark ${mark}`)
  await goTo(page, 'Shape')
  await field(page, 'Width').fill('260')
  await settled(page)
  await goTo(page, 'Cut')
  await settled(page)
  const second = await write()
  expect(second.name).not.toBe(first.name)

  // The first cut lies on the bed: its lines are gone over again, not those of the job as it is.
  const card = page.getByRole('region', { name: 'An extra pass' })
  await card.locator('summary').click()
  await card.getByTestId('record').selectOption({ index: 1 })
  await expect(card.getByText('The job has changed since')).toBeVisible()
  await card.getByRole('checkbox', { name: 'floor' }).check()
  const [again] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('button', { name: 'Write the extra pass' }).click(),
  ])
  expect(again.suggestedFilename()).toContain(mark)
  const outline = (svg: string): string => /id="outline-cuts"[\s\S]*?<\/g>/.exec(svg)![0]
  const floor = outline(await contentOf(again)).match(/ d="([^"]*)"/)![1]
  expect(outline(first.content)).toContain(floor)
  expect(outline(second.content)).not.toContain(floor)

  await goTo(page, 'Log')
  await page.getByTestId('record').selectOption({ index: 1 })
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const revision = page.getByRole('article', { name: 'Revision 2' })
  await expect(revision).toContainText(`files ${mark}`)
  const beside = page.getByRole('region', { name: 'Beside another one' })
  await expect(beside.getByRole('row', { name: /^Outer size/ })).toContainText('240.00 × 160.00 × 45.00 mm')

  const [exported] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export job' }).click(),
  ])
  const job = JSON.parse(await contentOf(exported)) as { cutRecords: { mark: string }[] }
  expect(job.cutRecords.map((each) => each.mark)).toContain(mark)
  // Brought in again beside itself, it has them still; and they can be tidied away.
  await page.goto('./')
  const file = { name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(job)) }
  await page.getByLabel('Job file').setInputFiles(file)
  await page.waitForURL(/measure/)
  await goTo(page, 'Log')
  const written = page.getByTestId('written-files')
  await written.getByText('Files that were written').click()
  await expect(written.getByRole('listitem')).toHaveCount(2)
  await page.getByRole('button', { name: `Forget the files ${mark}` }).click()
  await expect(written.getByRole('listitem')).toHaveCount(1)
})

test('art that burns a neighbour is named, lit and stops the cut; by the same corner it does not', async ({
  page,
}) => {
  const job = JSON.parse(readFileSync(demoFile('specimen-tray'), 'utf8')) as { box: Record<string, unknown> }
  const motif = { kind: 'text', text: 'MOSS SURVEY', height: 9, letters: 'filled' }
  const place = {
    from: '',
    anchor: 'bottom left',
    point: 'centre',
    right: 10,
    up: 12,
    turn: 0,
    mirrored: false,
  }
  const on = { panel: 'front', side: 'outside', how: { kind: 'engrave' }, over: false }
  const astray = { ...job, id: 'astray', box: { ...job.box, engravings: [{ ...on, ...place, motif }] } }
  const file = { name: 'a.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(astray)) }
  await page.goto('./')
  await page.getByLabel('Job file').setInputFiles(file)
  await page.waitForURL(/astray/)
  await settled(page)
  await goTo(page, 'Cut')
  await expect(page.locator('[data-check=burnt]')).toHaveAttribute('data-state', 'stop')
  await expect(page.locator('[data-check=over]')).toContainText('Engraving 1 on the front')
  await expect(page.locator('[data-astray]').first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeDisabled()
  await goTo(page, 'Shape')
  await choose(page, 'engravings')
  await page.locator('[data-field=engraving-point]').selectOption('same')
  await settled(page)
  await goTo(page, 'Cut')
  await expect(page.locator('[data-check=burnt]')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeEnabled()
})

test('a program is not written where nobody would compensate it', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  await page.getByRole('radio', { name: 'left to the laser’s software' }).click()
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeEnabled()
  await page.getByRole('checkbox', { name: 'G-code' }).check()
  await expect(page.locator('[data-check=program]')).toHaveAttribute('data-state', 'stop')
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeDisabled()
})
