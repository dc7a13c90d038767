/** One group of a DXF file: a code, and what it says. [PUB: the DXF reference]; from memory. */
interface Group {
  code: number
  value: string
}

/** Something that is drawn: its kind, its layer, and its groups in order. */
export interface Entity {
  type: string
  groups: Group[]
}

/** The groups of a file; null where a code is no number: then it is not a DXF file, or it is spoilt. */
function groupsOf(text: string): Group[] | null {
  const lines = text.split(/\r\n|\r|\n/)
  const groups: Group[] = []
  for (let i = 0; i + 1 < lines.length; i += 2) {
    const code = lines[i].trim()
    if (!/^-?\d{1,4}$/.test(code)) return null
    groups.push({ code: Number(code), value: lines[i + 1].trim() })
  }
  return groups
}

/**
 * The unit and the entities of a file; everything else in it is passed over. Read here and not by a library:
 * those at hand run on for ever on files that end too early.
 * @returns null when it is no DXF file
 */
export function readGroups(text: string): { unit: number; entities: Entity[] } | null {
  const groups = groupsOf(text)
  if (!groups?.some(({ code, value }) => code === 0 && value === 'SECTION')) return null
  const entities: Entity[] = []
  let [section, isUnit, unit] = ['', false, 0]
  for (const [i, { code, value }] of groups.entries()) {
    if (code === 0 && value === 'SECTION') section = groups[i + 1]?.value ?? ''
    else if (code === 0 && value === 'ENDSEC') section = ''
    else if (section === 'HEADER') {
      if (isUnit && code === 70) unit = Number(value)
      isUnit = code === 9 ? value === '$INSUNITS' : isUnit && code !== 70
    } else if (section === 'ENTITIES' && !(code === 2 && value === 'ENTITIES')) {
      if (code === 0) entities.push({ type: value, groups: [] })
      else entities[entities.length - 1]?.groups.push({ code, value })
    }
  }
  return { unit, entities }
}

/** A figure of an entity, 0 where it is not said. */
export function figure({ groups }: Entity, code: number): number {
  const value = Number(groups.find((group) => group.code === code)?.value ?? 0)
  return Number.isFinite(value) ? value : 0
}

/** Places of an entity in the order in which they are told, with what is said of each. */
export function placesOf({ groups }: Entity, code: number): { x: number; y: number; bulge: number }[] {
  const places: { x: number; y: number; bulge: number }[] = []
  for (const group of groups) {
    const value = Number(group.value)
    const last = places[places.length - 1]
    if (group.code === code) places.push({ x: value, y: 0, bulge: 0 })
    else if (last && group.code === code + 10) last.y = value
    else if (last && group.code === 42) last.bulge = value
  }
  return places.filter(({ x, y, bulge }) => Number.isFinite(x + y + bulge))
}

export const layerOf = ({ groups }: Entity): string => groups.find(({ code }) => code === 8)?.value ?? '0'
