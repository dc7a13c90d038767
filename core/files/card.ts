import { PDFDocument, StandardFonts, type PDFFont } from 'pdf-lib'
import type { Picture } from '../derive'
import { drawPicture } from './pdf-picture'
import { plain, PT, wrapped } from './pdf-text'

/** What goes into a box for whoever gets it. */
export interface BoxCard {
  name: string
  maker: string
  picture: Picture | null
  /** What it is: sizes, stock, finish. */
  facts: string[]
  /** How it is treated. */
  care: string[]
}

/** A card of this size, mm. [PUB: ISO 216, A6] */
const CARD = { width: 105, height: 148 }
const EDGE = 9
const PICTURE = { width: CARD.width - 2 * EDGE, height: 46 }

/**
 * A card to put into the box, in the fonts that every reader has. Text that has no more room on it goes on
 * on its back.
 * @returns the bytes of a PDF
 */
export async function writeCard({ name, maker, picture, facts, care }: BoxCard): Promise<Uint8Array> {
  const document = await PDFDocument.create()
  document.setTitle(plain(name))
  const font = await document.embedFont(StandardFonts.Helvetica)
  const bold = await document.embedFont(StandardFonts.HelveticaBold)
  const newPage = () => document.addPage([CARD.width * PT, CARD.height * PT])
  let page = newPage()
  let y = CARD.height - EDGE
  const paragraph = (text: string, size: number, own: PDFFont): void => {
    for (const line of wrapped(text, own, size, (CARD.width - 2 * EDGE) * PT)) {
      y -= size * 0.45
      if (y < EDGE) {
        page = newPage()
        y = CARD.height - EDGE - size * 0.45
      }
      page.drawText(line, { x: EDGE * PT, y: y * PT, size, font: own })
    }
  }
  paragraph(name, 14, bold)
  y -= 2
  if (picture) {
    drawPicture(page, picture, { x: EDGE, y, ...PICTURE })
    y -= PICTURE.height + 2
  }
  for (const fact of facts) paragraph(fact, 9, font)
  y -= 2
  for (const each of care) {
    paragraph(each, 9, font)
    y -= 0.8
  }
  y -= 2
  if (maker) paragraph(maker, 9, bold)
  return document.save()
}
