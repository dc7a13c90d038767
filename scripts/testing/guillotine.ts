// Its main file is not a module for this runtime: its module build is named here.
import { packer } from '../../node_modules/guillotine-packer/dist/guillotine-packer.es5.js'

/** Sheets that a general-purpose packer by cuts right across needs for bounding boxes. */
export function guillotineSheets(
  boxes: { width: number; height: number }[],
  width: number,
  height: number,
  gap: number,
): number {
  const items = boxes.map((box, i) => ({ name: `p${i}`, width: box.width + gap, height: box.height + gap }))
  const bins = packer({ binWidth: width + gap, binHeight: height + gap, items })
  return bins === null ? Infinity : bins.length
}
