import { BARE, linesRound, type Face } from '../art'
import type { Engraved } from '../box'
import { alongLines, offset, type Region } from '../geometry'

/** Areas with the play round what goes into them. */
const withPlay = (areas: Region[], play: number): Region[] => areas.flatMap((area) => offset(area, play))

/** What one engraving comes to on the face that it is on. */
export function burntBy({ of: { how }, areas, lines, pictures }: Engraved): Face {
  const base: Face = { ...BARE, scored: lines, pictures }
  const sunk = (regions: Region[], depth: number): Face => ({
    ...base,
    pockets: regions.map((area) => ({ area, depth })),
  })
  switch (how.kind) {
    case 'engrave':
      return { ...base, engraved: areas }
    case 'score':
      return { ...base, scored: [...linesRound(areas), ...lines] }
    case 'pocket':
      return { ...sunk([...areas, ...alongLines(lines, how.groove)], how.depth), scored: [] }
    case 'inlay':
    case 'magnet':
      return sunk(withPlay(areas, how.play), how.depth)
    case 'own':
      return { ...BARE, pictures, own: [{ by: how.by, areas, lines }] }
  }
}
