import type { Box } from '../box'
import { looseText as words } from './words'

/** What is said of parts that can be taken out again. */
export function looseText({ groups }: Box['assembly'], id: string, from: string): string | null {
  const group = groups.find(({ parts }) => parts.includes(id))
  if (group?.motion !== 'slide') return null
  if (id === 'wedge') return words.pushWedgeThrough(from)
  if (group.way.axis !== 'z') return words.slideTakesNo(id, from)
  return id === 'lip' ? words.layLipLevel : words.glueLidLip
}
