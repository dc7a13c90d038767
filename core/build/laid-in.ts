import type { Panel } from '../assembly'
import type { Box } from '../box'
import type { BuildStep } from './step'
import { laidIn as words } from './words'

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
          text: words.tryInlayDry(of, side),
        },
      ]
    if (how.kind !== 'magnet') return []
    const partner = how.with ? labelOf(how.with) : null
    const pair = partner ? words.holdsLetPartner(partner) : words.markSideLooks
    return [
      {
        ...about,
        text: words.glueFirstMagnet(side, of, pair),
      },
    ]
  })
}
