import type { Panel } from '../assembly'
import type { Box } from '../box'

/**
 * Ways to go about a box: walls onto the floor, the last one closes; front first, round the floor; two halves
 * of two walls each, the floor from below. Each is right for some box. [CP]
 */
export const SCHOOLS = ['floor first', 'round the floor', 'two halves'] as const
export type School = (typeof SCHOOLS)[number]

/** The shell in the order of each school. */
const SHELL: Record<School, string[]> = {
  'floor first': ['floor', 'front', 'back', 'left', 'right'],
  'round the floor': ['front', 'floor', 'left', 'back', 'right'],
  'two halves': ['front', 'left', 'back', 'right', 'floor'],
}

/** What is added when the walls stand. */
const LAST = ['rail', 'lip', 'cheek', 'tray-ledge', 'runner', 'lining', 'plate', 'knob']

/** The order that is wanted: the shell as its school says, what is inside, the top, what holds that. */
export function wantedOrder(panels: Panel[], school: School): string[] {
  const ids = panels.map(({ id }) => id)
  const shell = SHELL[school].filter((id) => ids.includes(id))
  const closing = ['top', 'wedge'].filter((id) => ids.includes(id))
  const others = ids.filter((id) => !closing.includes(id) && !shell.includes(id))
  const ledges = others.filter((id) => id.startsWith('ledge'))
  const last = others.filter((id) => LAST.some((name) => id.startsWith(name)))
  const inside = others.filter((id) => !ledges.includes(id) && !last.includes(id))
  return [...shell, ...ledges, ...inside, ...last, ...closing]
}

/** Panels that come in together: bent sheets, lids with their cheeks, and the halves of a school. */
export function unitsFor({ assembly }: Box, panels: Panel[], school: School): string[][] {
  if (school !== 'two halves') return assembly.sheets
  const ids = panels.map(({ id }) => id)
  const halves = [
    ['front', 'left'],
    ['back', 'right'],
  ]
  return [...assembly.sheets, ...halves.filter((half) => half.every((id) => ids.includes(id)))]
}
