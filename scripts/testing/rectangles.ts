// The package calls itself a module but its main file is not one: its module build is named here.
import { MaxRectsPacker, Rectangle } from '../../node_modules/maxrects-packer/dist/maxrects-packer.mjs'

/**
 * How many sheets a general-purpose rectangle packer from the registry needs for bounding boxes; Infinity
 * when one is too large.
 */
export function packerSheets(
  boxes: { width: number; height: number }[],
  width: number,
  height: number,
  gap: number,
): number {
  if (
    boxes.some(
      (box) =>
        Math.min(box.width, box.height) > Math.min(width, height) ||
        Math.max(box.width, box.height) > Math.max(width, height),
    )
  )
    return Infinity
  const packer = new MaxRectsPacker(width, height, gap, {
    allowRotation: true,
    pot: false,
    smart: false,
    square: false,
  })
  packer.addArray(boxes.map((box) => new Rectangle(box.width, box.height)))
  return packer.bins.length
}
