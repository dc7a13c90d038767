import { expect, test } from './fixtures'
import { DEMOS, contentOf, openDemo } from './helpers'

test('the exported SVG, drawn by Chromium, covers what the panels and the layout say', async ({ page }) => {
  await openDemo(page, 'demo-tray', 'cut')
  const writing = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  const svg = await contentOf(await writing)
  await page.getByRole('checkbox', { name: 'SVG' }).uncheck()
  await page.getByRole('checkbox', { name: 'Panels as JSON' }).check()
  const panelsWriting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Write the cut files' }).click()
  const { panels } = JSON.parse(await contentOf(await panelsWriting)) as {
    panels: { name: string; drawn: { outline: [number, number][] } }[]
  }

  await page.goto('about:blank')
  await page.setContent(`<body style="margin:0">${svg.replace(/<\?xml.*?\?>/, '')}</body>`)
  const drawn = await page.evaluate(() => {
    const root = document.querySelector('svg')!
    const scale = root.getBoundingClientRect().width / root.viewBox.baseVal.width
    return {
      pixelsPerMillimetre: scale,
      paths: [...document.querySelectorAll<SVGPathElement>('#outline-cuts path')].map((path) => ({
        part: path.dataset.part,
        box: { width: path.getBBox().width, height: path.getBBox().height },
        length: path.getTotalLength(),
      })),
    }
  })
  // CSS Values and Units, absolute lengths: 96 px are an inch [PUB]
  expect(drawn.pixelsPerMillimetre).toBeCloseTo(96 / 25.4, 4)
  expect(drawn.paths).toHaveLength(10)
  for (const { part, box, length } of drawn.paths) {
    const outline = panels.find(({ name }) => `${name}-1` === part)!.drawn.outline
    const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)]
    const wanted = [Math.max(...xs) - Math.min(...xs) + 0.16, Math.max(...ys) - Math.min(...ys) + 0.16].sort(
      (a, b) => a - b,
    )
    const got = [box.width, box.height].sort((a, b) => a - b)
    expect(got[0]).toBeCloseTo(wanted[0], 2)
    expect(got[1]).toBeCloseTo(wanted[1], 2)
    const perimeter = outline.reduce(
      (sum, [x, y], i) => sum + Math.hypot(x - outline.at(i - 1)![0], y - outline.at(i - 1)![1]),
      0,
    )
    expect(length).toBeGreaterThan(perimeter)
    expect(length).toBeLessThan(perimeter + 8 * 0.16)
  }
})

test('works from any static file server, in any folder', async ({ page }) => {
  const { createServer } = await import('node:http')
  const { readFileSync, existsSync } = await import('node:fs')
  const types: Record<string, string> = {
    html: 'text/html',
    js: 'text/javascript',
    css: 'text/css',
    svg: 'image/svg+xml',
  }
  const server = createServer((request, response) => {
    const path = new URL(request.url!, 'http://x').pathname
      .replace('/some/folder/', 'dist/')
      .replace(/\/$/, '/index.html')
    if (!path.startsWith('dist/') || !existsSync(path)) {
      response.writeHead(404).end()
      return
    }
    response
      .writeHead(200, { 'content-type': types[path.split('.').pop()!] ?? 'application/octet-stream' })
      .end(readFileSync(path))
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as { port: number }
  await page.goto(`http://127.0.0.1:${port}/some/folder/`)
  await expect(page.getByRole('list', { name: 'Jobs' }).getByRole('listitem')).toHaveCount(DEMOS.length)
  await page.getByRole('link', { name: /Slip-cases/ }).click()
  await expect(page.getByText('up to date')).toBeVisible()
  server.close()
})

test(
  'the build sheet prints as pages without the application around it',
  { tag: '@space' },
  async ({ page }) => {
    await openDemo(page, 'demo-logger', 'build')
    await page.emulateMedia({ media: 'print' })
    await expect(page.getByRole('navigation', { name: 'Traveller' })).toBeHidden()
    await expect(page.getByRole('heading', { name: 'Logger case, rain gauge 4: build sheet' })).toBeVisible()
    const pdf = await page.pdf({ format: 'A4' })
    const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)!.length
    expect(pages).toBeGreaterThanOrEqual(2)
  },
)

test('the traveller prints as one page: every load in order, and blanks for the log', async ({ page }) => {
  await openDemo(page, 'demo-instrument', 'cut')
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes')
  })
  await page.getByRole('button', { name: 'Print the traveller' }).click()
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes')
  await page.emulateMedia({ media: 'print' })
  const sheet = page.getByTestId('traveller')
  await expect(sheet.getByRole('heading', { name: /sheet 1, other face first/ })).toBeVisible()
  for (const said of ['turned over left to right', '12 mm/s, 65 %', 'Parts: front, back', 'Minutes it took'])
    await expect(sheet).toContainText(said)
  await expect(page.getByRole('button', { name: 'Write the cut files' })).toBeHidden()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)!).toHaveLength(1)
})
