import type { Panel } from '../assembly'
import type { Box } from '../box'
import type { BuildStep } from './step'

const BEFORE = 'Before the box is glued up: '

/** Magnets and inlays: they go in while their panels lie flat. */
export function laidIn({ spec }: Box, panels: Panel[]): Omit<BuildStep, 'title'>[] {
  const labelOf = (id: string): string => panels.find((panel) => panel.id === id)?.label ?? id
  return spec.engravings.flatMap(({ how, panel, side }, i): Omit<BuildStep, 'title'>[] => {
    const about = {
      id: `laid-in-${i + 1}`,
      panel,
      panels: [panel],
      standing: [],
      glue: [],
      dry: [],
      ends: 'none' as const,
      isFlat: true as const,
    }
    const of = labelOf(panel)
    if (how.kind === 'inlay')
      return [
        {
          ...about,
          text:
            `${BEFORE}try the inlay of the ${of} dry, its scored side down. ` +
            `Glue thinly in the pocket of the ${side} face. Press it in flat under a board until ` +
            'the glue has set, then sand both level.',
        },
      ]
    if (how.kind !== 'magnet') return []
    const partner = how.with ? labelOf(how.with) : null
    const pair = partner
      ? 'When it holds, let its partner find its own way onto it. Mark the side that looks out, and glue ' +
        `that one into the ${partner} with the mark up: so the two attract when it closes.`
      : 'Mark the side that looks out. Let what it holds find its own way onto it before you glue that.'
    return [
      {
        ...about,
        text:
          `${BEFORE}glue the first magnet into the ${side} face of the ${of}, level with it. ${pair} ` +
          'Keep small magnets from children.',
      },
    ]
  })
}
