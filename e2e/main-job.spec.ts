import { expect, test } from './fixtures'
import { unzipSync } from 'fflate'
import { readFileSync } from 'node:fs'
import { DEMOS, choose, contentOf, field, goTo, line, newJob, settled } from './helpers'

test('one box from a measurement to a build sheet, by mouse', { tag: '@space' }, async ({ page }) => {
  const troubles: string[] = []
  page.on('pageerror', (error) => troubles.push(error.message))
  page.on('console', (message) => {
    if (message.type() === 'error') troubles.push(message.text())
  })

  await page.goto('./')
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await newJob(page)
  await page.getByLabel('Name of the job').fill('Vial rack')
  await page.getByLabel('Name of the job').blur()

  // Measure
  await page.getByRole('button', { name: 'Add machine' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Barn laser')
  await field(page, 'Bed width').fill('500')
  await field(page, 'Bed depth').fill('300')
  await page.getByRole('button', { name: 'Add stock' }).click()
  await page.getByLabel('Name of the stock').fill('Ash ply, loft')
  for (const reading of ['3.02', '3,06', '3.04 mm']) {
    await page.getByLabel('Thickness readings').fill(reading)
    await page.getByRole('button', { name: 'Add reading' }).click()
  }
  await expect(line(page, 'measure')).toHaveText('3.04 ± 0.02, 3 readings; kerf assumed')
  await field(page, 'Kerf, full width').fill('0.17')
  await expect(page.getByRole('button', { name: /Per side, c = k ÷ 2: 0.085 mm/ })).toBeVisible()
  await page.getByRole('button', { name: /Per side/ }).click()
  await expect(page.getByRole('dialog')).toContainText('0.170 ÷ 2 = 0.085 mm per side')
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await expect(line(page, 'measure')).toHaveText('3.04 ± 0.02, 3 readings')

  // Shape
  await goTo(page, 'Shape')
  await page.getByRole('radio', { name: 'inner' }).click()
  await field(page, 'Width').fill('100')
  await field(page, 'Depth').fill('60')
  await field(page, 'Height').fill('40')
  await expect(page.getByRole('button', { name: /Outside: 106.08 × 66.08 × 43.04 mm/ })).toBeVisible()
  await choose(page, 'lid')
  await page.locator('[data-field=top]').getByRole('radio', { name: 'by fingers' }).click()
  await choose(page, 'corners')
  await page.getByLabel('Uprights: how').selectOption('fixed')
  await page.locator('[data-field=tabs-uprights-width] input').fill('8')
  await choose(page, 'fit')
  await page.getByRole('radio', { name: /press/ }).click()
  await expect(line(page, 'shape')).toContainText('press')
  await page.getByLabel('Pull apart').fill('0.6')
  await expect(page.locator('[data-panel]')).toHaveCount(6)
  await page.getByRole('button', { name: 'Turn left' }).click()
  await settled(page)

  // Lay out
  await goTo(page, 'Lay out')
  await expect(page.getByTestId('sheets-used')).toHaveText('1')
  await expect(page.getByTestId('bound')).toHaveText('1')
  const front = page.locator('[data-part=front-1]')
  const before = await front.getAttribute('aria-label')
  const [from, onto] = [
    (await front.boundingBox())!,
    (await page.locator('[data-part=back-1]').boundingBox())!,
  ]
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(onto.x + onto.width / 2 + 8, onto.y + onto.height / 2 + 6, { steps: 5 })
  await expect(page.getByRole('list', { name: 'What is wrong with the layout' })).toContainText('overlap')
  await page.mouse.up()
  await expect(front).toHaveAttribute('aria-label', /pinned, in the way/)
  await settled(page)
  await goTo(page, 'Cut')
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeDisabled()
  await goTo(page, 'Lay out')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(front).toHaveAttribute('aria-label', before!)
  await expect(page.getByRole('list', { name: 'What is wrong with the layout' })).toHaveCount(0)

  // Tune
  await goTo(page, 'Tune')
  await expect(page.getByTestId('reason')).toContainText('Nothing is tested for this stock')
  await page.getByLabel('Test speed').fill('600 mm/min')
  await page.getByLabel('Test power').fill('60')
  await page.getByLabel('Came out').selectOption('clean')
  await page.getByRole('button', { name: 'Add test' }).click()
  await expect(page.getByTestId('reason')).toContainText('10 mm/s at 60 %')
  await expect(page.getByText('Tested on this stock', { exact: true })).toBeVisible()

  // Cut
  await goTo(page, 'Cut')
  await settled(page)
  await expect(page.getByRole('list', { name: 'Checks' }).locator('[data-state=stop]')).toHaveCount(0)
  const clock = page.getByLabel('Time into the cut')
  await clock.focus()
  await clock.press('End')
  await expect(page.getByTestId('doing')).toHaveText('done')
  await expect(page.locator('[data-done=outline]')).not.toHaveAttribute('d', '')
  await page.getByLabel('Colour of outline cuts').fill('#0044aa')
  await page.getByRole('radio', { name: 'left to the laser’s software' }).click()
  await expect(page.getByTestId('statement')).toContainText(
    'set 0.085 mm per side (kerf 0.170 mm full width)',
  )
  await page.getByRole('checkbox', { name: 'DXF' }).check()
  await settled(page)
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  const zip = unzipSync(new Uint8Array(readFileSync(await (await writing).path())))
  const names = Object.keys(zip).sort()
  const mark = /^vial-rack-(\w{5})-sheet-1(-load-1)?\.dxf$/.exec(names[0])![1]
  expect(names[1]).toBe(names[0].replace('.dxf', '.svg'))
  const svg = new TextDecoder().decode(zip[names[1]])
  expect(svg).toContain(`Mark ${mark}`)
  expect(svg).toContain('stroke="#0044aa"')
  expect(svg).toContain('left to the laser&#39;s software')

  // Build
  await goTo(page, 'Build')
  await expect(page.getByRole('img', { name: /^Step:/ })).toHaveCount(6)
  await expect(page.getByRole('button', { name: /Diagonal, both the same: 125.0 mm/ })).toBeVisible()
  await expect(page.getByRole('list', { name: 'Glue faces of the right' })).toContainText('glue to floor')
  await page.getByRole('checkbox', { name: 'floor is in' }).check()
  await expect(line(page, 'build')).toHaveText('1 of 6 panels')

  // Log
  await goTo(page, 'Log')
  await page.getByRole('button', { name: 'It was cut now' }).click()
  await page.getByLabel('Why this one').fill('First cut of the rack')
  await page.getByLabel('Minutes taken').fill('7')
  await page.getByRole('radio', { name: 'snug' }).click()
  await page.getByLabel('Note').fill('Corners a little dark')
  await expect(line(page, 'log')).toHaveText('revision 1, snug')

  // Kept, and carried away in one file
  await settled(page)
  await page.reload()
  await expect(page.getByLabel('Note')).toHaveValue('Corners a little dark')
  const exporting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export job' }).click()
  const file = await exporting
  const job = JSON.parse(await contentOf(file)) as { name: string; log: unknown[] }
  expect(job).toMatchObject({ name: 'Vial rack', copies: 1, log: [{ verdict: 'snug', minutes: 7 }] })
  await page.getByRole('link', { name: 'All jobs' }).click()
  await page.getByLabel('Job file').setInputFiles(await file.path())
  await expect(page.getByLabel('Name of the job')).toHaveValue('Vial rack (copy)')
  expect(troubles).toEqual([])
})
