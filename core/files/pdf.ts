import {
  clip,
  closePath,
  endPath,
  lineTo,
  moveTo,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  setDashPattern,
  setLineWidth,
  setStrokingColor,
  StandardFonts,
  stroke,
  type PDFFont,
  type PDFOperator,
  type PDFPage,
} from 'pdf-lib'
import { OPERATIONS, OUR_COLOURS, type Operation } from '../machine'
import { pathPoints } from '../plan'
import { PAPERS, type Paper } from './paper'
import { plain, PT, wrapped } from './pdf-text'
import type { SheetFile } from './sheet-file'
import { pdf as words } from './words'

/** Kept free along the paper's edges: no printer reaches them. mm [FM] */
const EDGE = 10
/** Kept for the heading of every page. */
const HEAD = 22
/** How far two tiles share what is on them, so that they can be glued over each other. */
const SHARED = 10
const BAR = 100

const DASHES: Record<Operation, number[]> = {
  engrave: [],
  pocket: [0.4, 0.8],
  score: [1.2, 0.8],
  inside: [],
  outline: [],
}

function colourOf(hex: string): ReturnType<typeof rgb> {
  const part = (at: number): number => parseInt(hex.slice(at, at + 2), 16) / 255
  return rgb(part(1), part(3), part(5))
}

/** From so many to so many mm, in pieces that share a strip with the next. */
function tiles(length: number, room: number): number[] {
  if (length <= room) return [0]
  const count = Math.ceil((length - SHARED) / (room - SHARED))
  return Array.from({ length: count }, (_, i) => i * (room - SHARED))
}

/** The heading of a page: what it is, and a bar that tells whether it was printed at its size. */
function drawHead(
  page: PDFPage,
  font: PDFFont,
  file: SheetFile,
  about: { paper: { width: number; height: number }; tile: string; isFirst: boolean },
): void {
  const { paper, tile, isFirst } = about
  const top = paper.height - EDGE
  const write = (text: string, x: number, y: number, size = 9): void =>
    page.drawText(text, { x: x * PT, y: y * PT, size, font })
  write(plain(`${file.title} · ${tile}`).slice(0, 90), EDGE, top - 4, 11)
  page.pushOperators(
    pushGraphicsState(),
    setLineWidth(0.3 * PT),
    moveTo(EDGE * PT, (top - 11) * PT),
    lineTo((EDGE + BAR) * PT, (top - 11) * PT),
    ...Array.from({ length: 11 }, (_, i) => [
      moveTo((EDGE + i * 10) * PT, (top - 11) * PT),
      lineTo((EDGE + i * 10) * PT, (top - (i % 5 === 0 ? 8 : 9.5)) * PT),
    ]).flat(),
    stroke(),
    popGraphicsState(),
  )
  write(words.barMmLong(BAR), EDGE, top - 15, 7)
  if (!isFirst) return
  const lines = wrapped(file.statement, font, 6, (paper.width - 2 * EDGE - BAR - 4) * PT)
  for (const [i, line] of lines.slice(0, 6).entries()) write(line, EDGE + BAR + 4, top - 7 - i * 2.6, 6)
}

/** The lines of a tile, cut off at its border. */
function linesOn(
  { paths, colours = OUR_COLOURS }: SheetFile,
  place: (x: number, y: number) => [number, number],
): PDFOperator[] {
  return OPERATIONS.flatMap((operation) => {
    const own = paths.filter((path) => path.operation === operation)
    if (own.length === 0) return []
    return [
      setStrokingColor(colourOf(colours[operation])),
      setDashPattern(
        DASHES[operation].map((length) => length * PT),
        0,
      ),
      ...own.flatMap(({ points, closed }) => [
        ...points.map(({ x, y }, i) => (i === 0 ? moveTo(...place(x, y)) : lineTo(...place(x, y)))),
        ...(closed ? [closePath()] : []),
        stroke(),
      ]),
    ]
  })
}

interface Tile {
  fromX: number
  fromY: number
  width: number
  height: number
}

/** Whether any line comes near a tile. */
const isDrawnOn = (paths: SheetFile['paths'], { fromX, fromY, width, height }: Tile): boolean =>
  paths.some((path) => {
    const points = pathPoints(path)
    return points.slice(1).some((b, i) => {
      const a = points[i]
      return (
        Math.max(a.x, b.x) >= fromX &&
        Math.min(a.x, b.x) <= fromX + width &&
        Math.max(a.y, b.y) >= fromY &&
        Math.min(a.y, b.y) <= fromY + height
      )
    })
  })

/**
 * One load on paper at its true size: over several pages where the paper is smaller, which share a strip of
 * 10 mm; every page has a bar to measure.
 * @returns the bytes of a PDF
 */
export async function writePdf(file: SheetFile, on: Paper): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.setTitle(file.title)
  document.setSubject(file.statement)
  const font = await document.embedFont(StandardFonts.Helvetica)
  const isWide = file.width > file.height
  const { width, height } = PAPERS[on]
  const paper = isWide ? { width: height, height: width } : { width, height }
  const room = { width: paper.width - 2 * EDGE, height: paper.height - 2 * EDGE - HEAD }
  const [columns, rows] = [tiles(file.width, room.width), tiles(file.height, room.height)]
  const all = rows.flatMap((fromY, row) =>
    columns.map((fromX, column) => {
      const width = Math.min(room.width, file.width - fromX)
      const height = Math.min(room.height, file.height - fromY)
      return { row, column, fromX, fromY, width, height }
    }),
  )
  // A page on which nothing is drawn is paper for nothing.
  const drawn = all.filter((tile) => isDrawnOn(file.paths, tile))
  const written = drawn.length > 0 ? drawn : all.slice(0, 1)
  for (const [i, { row, column, fromX, fromY, ...shown }] of written.entries()) {
    const page = document.addPage([paper.width * PT, paper.height * PT])
    const tile =
      all.length === 1 ? 'actual size' : words.pageRowBelow(i + 1, written.length, row + 1, column + 1)
    drawHead(page, font, file, { paper, tile, isFirst: i === 0 })
    const place = (x: number, y: number): [number, number] => [
      (EDGE + x - fromX) * PT,
      (EDGE + y - fromY) * PT,
    ]
    page.pushOperators(
      pushGraphicsState(),
      setLineWidth(0.1 * PT),
      rectangle(EDGE * PT, EDGE * PT, shown.width * PT, shown.height * PT),
      stroke(),
      rectangle(EDGE * PT, EDGE * PT, shown.width * PT, shown.height * PT),
      clip(),
      endPath(),
      setLineWidth(0.2 * PT),
      ...linesOn(file, place),
      popGraphicsState(),
    )
  }
  return document.save()
}
