import { expect, test, type Page } from './fixtures'
import { contentOf, field, goTo, openDemo, settled, tabTo } from './helpers'

/** A picture as a camera gives it: larger than is kept, drawn by the browser itself. */
const pictureOf = (page: Page, width: number, height: number): Promise<string> =>
  page.evaluate(
    ([w, h]) => {
      const canvas = document.createElement('canvas')
      canvas.width = w
      canvas.height = h
      const context = canvas.getContext('2d')!
      context.fillStyle = 'peru'
      context.fillRect(0, 0, w, h / 2)
      return canvas.toDataURL('image/png').replace('data:image/png;base64,', '')
    },
    [width, height],
  )

test('a cut is a page of its own: photos are kept, told of in the list, exported and brought in', async ({
  page,
}) => {
  await openDemo(page, 'demo-logger', 'log')
  await page.getByRole('article', { name: 'Revision 1' }).getByRole('link').click()
  const shelf = page.getByRole('region', { name: 'Photos of this cut' })
  const chooser = shelf.getByLabel('Photos to add')
  await chooser.setInputFiles({
    name: 'notes.png',
    mimeType: 'image/png',
    buffer: Buffer.from('<svg onload="alert(1)"/>'),
  })
  await expect(shelf.getByRole('alert')).toHaveText(
    '“notes.png” was not taken. This browser cannot read it as a picture. Choose a JPEG, PNG or WebP.',
  )
  const buffer = Buffer.from(await pictureOf(page, 2400, 1200), 'base64')
  await chooser.setInputFiles({ name: 'corner.png', mimeType: 'image/png', buffer })
  await expect(shelf.getByRole('listitem')).toHaveCount(1)
  await shelf.getByRole('textbox', { name: 'What photo 1 shows' }).fill('The corner, with a gap')
  await shelf.getByRole('button', { name: 'See The corner, with a gap large' }).click()
  const large = page.getByRole('dialog').getByRole('img', { name: 'The corner, with a gap' })
  // Drawn anew: 1600 px on its longer side.
  await expect.poll(() => large.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(1600)
  expect(await large.evaluate((image: HTMLImageElement) => image.naturalHeight)).toBe(800)
  await page.keyboard.press('Escape')
  await page.reload()
  await expect(shelf.getByRole('textbox', { name: 'What photo 1 shows' })).toHaveValue(
    'The corner, with a gap',
  )

  await shelf.getByRole('button', { name: 'Remove photo 1' }).click()
  await expect(shelf.getByRole('listitem')).toHaveCount(0)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(shelf.getByRole('listitem')).toHaveCount(1)

  const [exported] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export job' }).click(),
  ])
  const content = await contentOf(exported)
  const { photos } = JSON.parse(content) as { photos: { caption: string; width: number }[] }
  expect(photos).toMatchObject([{ caption: 'The corner, with a gap', width: 1600 }])
  await page.getByRole('link', { name: 'All cuts' }).click()
  await expect(page.getByRole('article', { name: 'Revision 1' })).toContainText('1 photo')
  await page.goto('./')
  const file = { name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(content) }
  await page.getByLabel('Job file').setInputFiles(file)
  await page.waitForURL(/job\/(?!demo-logger)/)
  await goTo(page, 'Log')
  await expect(page.getByRole('article', { name: 'Revision 1' })).toContainText('1 photo')
})

test('what one would do otherwise is the first edit of the next revision, by keys, and its reason', async ({
  page,
}) => {
  await openDemo(page, 'demo-logger', 'log')
  await tabTo(page, page.getByRole('article', { name: 'Revision 2' }).getByRole('link'))
  await page.keyboard.press('Enter')
  const card = page.getByRole('region', { name: 'What to do otherwise' })
  await expect(card).toContainText('The box has 42 mm now.')
  await tabTo(page, card.getByRole('button', { name: 'Begin the next revision with it' }))
  await page.keyboard.press('Enter')
  await expect(page.getByText('Height: 42 mm → 46 mm.')).toBeVisible()
  await expect(card).toContainText('The box has it so already.')
  // Out of bounds it is refused at its field, and nothing is changed.
  await card.getByRole('textbox', { name: 'To' }).fill('0')
  await card.getByRole('textbox', { name: 'To' }).press('Tab')
  await expect(card.getByRole('alert')).toBeVisible()
  await goTo(page, 'Shape')
  await expect(field(page, 'Height')).toHaveValue('46')
  await goTo(page, 'Log')
  await page.getByRole('button', { name: 'It was cut now' }).click()
  await expect(page.getByLabel('Why this one')).toHaveValue('Room for the cable above the logger')
})

test('two cuts beside each other: what differs, what it did, and their panels over each other', async ({
  page,
}) => {
  await openDemo(page, 'demo-tray', 'cut')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  await goTo(page, 'Log')
  await expect(page.getByTestId('record')).toBeVisible()
  await page.getByRole('button', { name: 'It was cut now' }).click()
  const beside = page.getByRole('region', { name: 'Beside another one' })
  // The first one's files were never kept.
  await expect(beside).toContainText('the files of Revision 1 are not kept')
  await beside.getByRole('combobox', { name: 'Hold it against' }).selectOption('the job now')
  await expect(beside).toContainText('The panels are the same, line for line.')
  await goTo(page, 'Shape')
  await field(page, 'Width').fill('250')
  await settled(page)
  await goTo(page, 'Log')
  await page.getByRole('article', { name: 'Revision 2' }).getByRole('link').click()
  await beside.getByRole('combobox', { name: 'Hold it against' }).selectOption('the job now')
  const did = beside.getByRole('table', { name: 'What it did' })
  await expect(did.getByRole('row', { name: /^Inside/ })).toContainText('+10 wide')
  const figures = beside.getByRole('table', { name: 'Figures of both' })
  await expect(figures.getByRole('row', { name: /^Outer size/ })).toContainText(/240\.00.*250\.00/)
  await expect(beside.getByRole('img', { name: /over each other/ })).toBeVisible()
  await expect(beside.locator('[data-over=front] path')).toHaveCount(2)
})

test('every cut of all jobs: a bar opens its cuts, a row its page, and the rows are a table', async ({
  page,
}) => {
  await page.goto('./#/bench/cuts')
  const rows = page.getByRole('table').getByRole('row')
  await expect(rows).toHaveCount(1 + 7)
  await page.getByRole('radio', { name: 'Stock' }).click()
  const minutes = page.getByRole('article', { name: 'Minutes at the laser' })
  await minutes.getByRole('button', { name: /^Grey card 2/ }).click()
  await expect(page.getByRole('heading', { name: 'The cuts of Grey card 2' })).toBeVisible()
  await expect(rows).toHaveCount(1 + 2)
  await expect(minutes.getByRole('button', { name: /^Grey card 2/ })).toContainText('35 min in 2 cuts')
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As a table (CSV)' }).click(),
  ])
  expect(saved.suggestedFilename()).toBe('cuts.csv')
  expect((await contentOf(saved)).trim().split('\r\n')).toHaveLength(1 + 2)
  const dots = page.getByRole('article', { name: 'Minutes expected and taken' }).getByRole('link')
  await expect(dots).toHaveCount(2)
  await dots.first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('article', { name: /^Revision \d$/ })).toBeVisible()
  await expect(page.getByLabel('Minutes taken')).toHaveValue('17')
})
