import { resolve, type Assembly, type Panel } from '../assembly'
import { makeBox, PLAIN_BOX, sameTabs, sameThickness, withInto, type BoxSpec } from '../box'

/** The tray that every lesson makes a piece of: outside sizes in mm, two cells, a divider with tenons. */
const TRAY = { width: 120, depth: 80, height: 42 }

/** As wide as a tab is where no lesson said otherwise, mm. */
const TAB_WIDTH = 9

export const plainTray = (tab = TAB_WIDTH): BoxSpec => ({
  ...PLAIN_BOX,
  ...TRAY,
  sizesAre: 'outer',
  tabs: sameTabs({ rule: 'even', width: tab }),
  proud: 0,
})

export function dividedTray(thickness: number, tab?: number): BoxSpec {
  const box = plainTray(tab)
  const columns = { cells: [null, null], height: 30, lift: 0 }
  return withInto({ ...box, dividers: { ...box.dividers, columns } }, 'tenon', thickness)
}

/** Its panels, as the core cuts them, and how they hold together. */
export function panelsOf(box: BoxSpec, thickness: number): { assembly: Assembly; panels: Panel[] } {
  const { assembly } = makeBox(box, {
    mean: sameThickness(thickness),
    thickest: sameThickness(thickness),
  })
  const { panels } = resolve(assembly, { proud: 0, interference: 0 })
  return { assembly, panels }
}
