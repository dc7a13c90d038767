import type { Opening } from '@core/box'

/** Openings on a panel that something may be placed from. */
export const featuresOn = (openings: Opening[], panel: string): { id: string; name: string }[] =>
  openings.flatMap((opening, i) =>
    opening.panel === panel ? [{ id: opening.id, name: `${i + 1} ${opening.shape.kind}` }] : [],
  )
