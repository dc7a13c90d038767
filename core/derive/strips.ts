import type { Panel, Strip } from '../assembly'
import type { Box } from '../box'
import { rectangle, sizeOf, union, type Region } from '../geometry'

/** What a strip that bends is cut as: its parts and the slits between them; null where they do not meet. */
function stripPiece({ id, label, parts, ...bends }: Strip, panels: Panel[]): Panel | null {
  const halves = parts.map((name) => panels.find((panel) => panel.id === name)!)
  const { minX, minY, maxX, maxY } = bends.zone
  const zone = rectangle(minX, minY, maxX, maxY)
  const whole = (of: (panel: Panel) => Region): Region[] =>
    union([...halves.flatMap((panel) => [of(panel).outline, ...of(panel).holes]), zone])
  const [regions, drawn] = [whole(({ region }) => region), whole((panel) => panel.drawn)]
  if (regions.length !== 1 || drawn.length !== 1) return null
  return {
    ...halves[0],
    id,
    label,
    region: regions[0],
    drawn: drawn[0],
    size: sizeOf(regions[0]),
    painted: null,
    features: halves.flatMap(({ features }) => features),
    bends,
  }
}

/** Every strip of a box that bends, with what it is cut as. */
export const stripsOf = (
  { assembly }: Pick<Box, 'assembly'>,
  panels: Panel[],
): (Strip & { piece: Panel | null })[] =>
  assembly.strips.map((strip) => ({ ...strip, piece: stripPiece(strip, panels) }))
