import { bounds, type Point, type Ring } from '../geometry'
import { POCKET_INTERVAL } from '../tune'

/**
 * The lines that fill a rectangular pocket, to and fro along its longer side, as one way. They stay inside
 * by what the beam takes to its side, mm.
 */
export function fillLines(shape: Ring, inset: number): Point[] {
  const box = bounds(shape)
  const [minX, maxX, minY, maxY] = [box.minX + inset, box.maxX - inset, box.minY + inset, box.maxY - inset]
  const isWide = maxX - minX >= maxY - minY
  const [from, to] = isWide ? [minX, maxX] : [minY, maxY]
  const [low, high] = isWide ? [minY, maxY] : [minX, maxX]
  const rows = Math.max(2, Math.ceil((high - low) / POCKET_INTERVAL) + 1)
  return Array.from({ length: rows }, (_, row) => {
    const across = low + ((high - low) * row) / (rows - 1)
    const ends = row % 2 === 0 ? [from, to] : [to, from]
    return ends.map((along) => (isWide ? { x: along, y: across } : { x: across, y: along }))
  }).flat()
}
