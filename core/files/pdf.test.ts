import { describe, expect, test } from '@jest/globals'
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { PAPERS, type Paper } from './paper'
import { writePdf } from './pdf'
import type { SheetFile } from './sheet-file'

const square = [
  { x: 20, y: 30 },
  { x: 520, y: 30 },
  { x: 520, y: 330 },
  { x: 20, y: 330 },
]
const file = (width: number, height: number): SheetFile => ({
  title: 'Peat crate “7”, sheet 1',
  statement: 'Compensation is in the paths: 0.080 mm per side. Unit millimetres ⚠.',
  width,
  height,
  paths: [
    { operation: 'outline', part: 'a', closed: true, points: square },
    { operation: 'score', part: 'a', closed: false, points: [{ x: 25, y: 35 }, { x: 125, y: 35 }] },
  ],
}) // oxfmt-ignore

const MM = 25.4 / 72

interface Page {
  width: number
  height: number
  words: string
  /** Every straight way that is drawn, mm on the paper. */
  ways: { x: number; y: number }[][]
}

/** Read by pdf.js, a library of its own descent. */
async function pagesOf(bytes: Uint8Array): Promise<Page[]> {
  const document = await getDocument({ data: bytes, isEvalSupported: false, verbosity: 0 }).promise
  const pages: Page[] = []
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number)
    const { fnArray, argsArray } = await page.getOperatorList()
    const ways: Page['ways'] = []
    for (const [i, fn] of fnArray.entries()) {
      if (fn !== OPS.constructPath) continue
      const [kinds, numbers] = argsArray[i] as [number[], number[]]
      let at = 0
      for (const kind of kinds) {
        const next = { x: numbers[at] * MM, y: numbers[at + 1] * MM }
        if (kind === OPS.moveTo) ways.push([next])
        if (kind === OPS.lineTo) ways[ways.length - 1].push(next)
        at += kind === OPS.rectangle ? 4 : kind === OPS.closePath ? 0 : 2
      }
    }
    const { items } = await page.getTextContent()
    const [, , width, height] = page.view
    const words = items.map((item) => ('str' in item ? item.str : '')).join(' ')
    pages.push({ width: width * MM, height: height * MM, words, ways })
  }
  return pages
}
const long = (way: { x: number; y: number }[]): number =>
  way.slice(1).reduce((sum, p, i) => sum + Math.hypot(p.x - way[i].x, p.y - way[i].y), 0)

describe('on paper, as another library measures it', () => {
  test('a sheet larger than the paper: pages that share 10 mm, all at true size', async () => {
    const pages = await pagesOf(await writePdf(file(600, 400), 'A4'))
    // Three by three, and the last column has no line on it.
    expect(pages.length).toBe(6)
    for (const { width, height, words, ways } of pages) {
      expect([width, height].map((side) => Math.round(side))).toEqual([297, 210])
      expect(words).toContain('If it is not, print again at actual size')
      const bar = ways[0]
      expect(long(bar)).toBeCloseTo(100, 3)
      const outline = ways.find((way) => way.length === 4 && long(way) > 1000)!
      expect(outline[1].x - outline[0].x).toBeCloseTo(500, 2)
      expect(outline[2].y - outline[1].y).toBeCloseTo(300, 2)
      expect(ways.some((way) => way.length === 2 && Math.abs(long(way) - 100) < 1e-3)).toBe(true)
    }
    const lefts = [
      ...new Set(pages.map(({ ways }) => Math.round(ways.find((way) => way.length === 4)![0].x))),
    ]
    expect(
      lefts
        .sort((a, b) => b - a)
        .map((x, i, all) => (i > 0 ? all[i - 1] - x : 0))
        .slice(1),
    ).toEqual([267])
  })
  test.each<Paper>(['A4', 'A3', 'letter'])('what fits on %s is one page of that size', async (paper) => {
    const small = { ...file(150, 120), paths: [] }
    const pages = await pagesOf(await writePdf(small, paper))
    expect(pages).toHaveLength(1)
    const sides = [pages[0].width, pages[0].height].sort((a, b) => a - b)
    expect(sides[0]).toBeCloseTo(PAPERS[paper].width, 1)
    expect(sides[1]).toBeCloseTo(PAPERS[paper].height, 1)
    expect(pages[0].words).toContain('Compensation is in the paths')
    expect(pages[0].words).toContain('actual size')
  })
})
