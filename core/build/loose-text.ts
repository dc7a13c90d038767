import type { Box } from '../box'

/** What is said of parts that can be taken out again. */
export function looseText({ groups }: Box['assembly'], id: string, from: string): string | null {
  const group = groups.find(({ parts }) => parts.includes(id))
  if (group?.motion !== 'slide') return null
  if (id === 'wedge')
    return (
      `Push the wedge through the tongue ${from}, by hand, until it presses the panel down. It takes no ` +
      'glue: it is drawn out to open. If it goes home without pressing, sand the notch, not the wedge.'
    )
  if (group.way.axis !== 'z')
    return (
      `Slide the ${id} in ${from}. It takes no glue: keep glue and varnish out of its grooves, and clean ` +
      'them of soot first.'
    )
  return id === 'lip'
    ? 'Lay the lip in level with the rim, slips of card between it and the walls all round: no glue there.'
    : 'Glue the lid to the lip where it lies, even with the walls. Lift both off before the glue has set.'
}
