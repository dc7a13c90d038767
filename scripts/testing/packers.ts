import { guillotineSheets } from './guillotine'
import { packerSheets } from './rectangles'

interface Size {
  width: number
  height: number
}

/** Sheets that two general-purpose packers of the registry need for rectangles. @param room of one sheet */
export const packersSheets = (rectangles: Size[], { width, height }: Size, gap: number): [number, number] => [
  packerSheets(rectangles, width, height, gap),
  guillotineSheets(rectangles, width, height, gap),
]
