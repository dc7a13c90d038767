import { PDFDocument, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib'
import type { Picture } from '../derive'
import { PAPERS, type Paper } from './paper'
import { drawPicture } from './pdf-picture'
import { plain, PT, wrapped } from './pdf-text'
import { offer as words } from './words'

/** One kind of box that is offered or handed over. */
export interface OfferLine {
  name: string
  /** Size, stock, lid: a line or two. */
  about: string
  count: number
  picture: Picture | null
}

/** What a customer gets on paper: a quote with its price, or a note that goes with the boxes. */
export interface Offer {
  kind: 'quote' | 'delivery note'
  /** Numbers, dates and sums as they are to be written. */
  number: string
  date: string
  seller: string
  customer: string
  lines: OfferLine[]
  /** Of a quote: what each and all cost, and until when it holds; a delivery note says no prices. */
  each: string
  total: string
  until: string
  /** What the customer should know: care, when the glue is at full strength. */
  notes: string[]
}

/** Kept free along the paper's edges, mm. */
const EDGE = 18
/** Height of a line with its picture, and the picture's size, mm. */
const ROW = 34
const PICTURE = { width: 44, height: 30 }

const TITLES = { quote: words.quote, 'delivery note': words.deliveryNote }

/** Where the next line goes on the page, from above, mm. */
interface Pen {
  page: PDFPage
  y: number
}

/**
 * A quote or a delivery note as pages to print: light, with pictures, in the fonts that every reader has.
 * @returns the bytes of a PDF
 */
export async function writeOffer(offer: Offer, on: Paper = 'A4'): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  const title = TITLES[offer.kind]
  document.setTitle(plain(`${title} ${offer.number}`))
  const font = await document.embedFont(StandardFonts.Helvetica)
  const bold = await document.embedFont(StandardFonts.HelveticaBold)
  const paper = PAPERS[on]
  const [right, inner] = [paper.width - EDGE, paper.width - 2 * EDGE]
  const newPage = (): Pen => ({
    page: document.addPage([paper.width * PT, paper.height * PT]),
    y: paper.height - EDGE,
  })
  let pen = newPage()
  const write = (text: string, x: number, size = 10, own: PDFFont = font): void =>
    pen.page.drawText(plain(text), { x: x * PT, y: pen.y * PT, size, font: own })
  const writeRight = (text: string, size = 10, own: PDFFont = font): void =>
    write(text, right - own.widthOfTextAtSize(plain(text), size) / PT, size, own)
  const down = (by: number, needs = by): void => {
    pen.y -= by
    if (pen.y - needs < EDGE) pen = newPage()
  }
  const paragraph = (text: string, width: number, x = EDGE, size = 10): void => {
    for (const line of wrapped(text, font, size, width * PT)) {
      write(line, x, size)
      down(size * 0.5)
    }
  }
  write(title, EDGE, 20, bold)
  writeRight(offer.number)
  down(9)
  if (offer.seller) write(offer.seller, EDGE)
  writeRight(offer.date)
  down(6)
  if (offer.customer) write(words.forCustomer(offer.customer), EDGE)
  if (offer.until) writeRight(`holds until ${offer.until}`)
  down(10, ROW)
  for (const { name, about, count, picture } of offer.lines) {
    if (picture) drawPicture(pen.page, picture, { x: EDGE, y: pen.y, ...PICTURE })
    const beside = EDGE + PICTURE.width + 6
    const top = pen.y
    down(4, 0)
    write(`${count} × ${name}`.slice(0, 70), beside, 12, bold)
    down(6, 0)
    paragraph(about, right - beside, beside)
    pen.y = Math.min(pen.y, top)
    down(Math.max(4, ROW - (top - pen.y)), ROW)
  }
  if (offer.total) {
    write('One', EDGE)
    writeRight(offer.each)
    down(6)
    write('All', EDGE, 12, bold)
    writeRight(offer.total, 12, bold)
    down(10)
  }
  for (const note of offer.notes) {
    paragraph(note, inner)
    down(2)
  }
  if (offer.kind === 'delivery note') {
    down(14)
    write(words.receivedCompleteSound, EDGE)
  }
  return document.save()
}
