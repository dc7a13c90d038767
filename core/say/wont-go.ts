import { NORMAL_95 } from '../statistics'
import type { Derived } from '../derive'
import { percent, type Say } from '../length'

/** What to look at where a panel will not go in, and what to do about it. */
export interface Look {
  title: string
  how: string
}

/** Tighter than that, a joint is pressed or knocked home, mm a boundary (handbook values of fit words). */
const TIGHT = -0.02

/**
 * Where to look, in order: what costs nothing first, then what this job is least sure of, the cut itself
 * last. Figures are this job's own.
 */
export function whyItWillNotGo({ fit, box }: Pick<Derived, 'fit' | 'box'>, say: Say): Look[] {
  const gap = (value: number): string => say.fine(value)
  const looks: Look[] = [
    {
      title: 'The right panel, the right way round',
      how:
        'Read the label, see which face looks out, and whether it stands on its head. ' +
        'Left and right are mixed up most.',
    },
    {
      title: 'Soot, a burr, a tab that did not come out of its notch',
      how:
        'Look into every notch. Wipe off soot, break the edges of the tab ends with ' +
        'fine paper: ends only, not sides.',
    },
  ]
  const odds = fit.odds.press + fit.odds.forced
  if (odds > 0.1)
    looks.push({
      title: `Tight as it was made: ${percent(odds)} are pressed or worse`,
      how:
        fit.gap < TIGHT
          ? `A boundary has ${gap(fit.gap)}: it overlaps. Press evenly with a board across, ` +
            'wiggle, and never knock on one end.'
          : 'Press evenly with a board across, and wiggle. If it bites, sand the sides of ' +
            'its tabs by two strokes.',
    })
  const { mean, anywhere } = box.thickness
  const thicker = NORMAL_95 * anywhere
  const doubts = [
    {
      by: fit.cutDoubt,
      title: 'The kerf was smaller than believed',
      how:
        `A boundary may be off by ${gap(fit.cutDoubt)}. Measure a tab of this panel and ` +
        'its notch. Write both down in Log as a play: the next cut goes by it.',
    },
    ...(fit.joints.some(({ group }) => group === 'slots')
      ? [
          {
            by: thicker,
            title: 'The sheet is thicker here',
            how:
              `Slots were cut for ${say.length(mean, 2)}, and it may be ` +
              `${say.length(mean + thicker, 2)} here. Measure this very edge; thin it by ` +
              'sanding the face that goes in.',
          },
        ]
      : []),
  ].sort((a, b) => b.by - a.by)
  return [
    ...looks,
    ...doubts.map(({ title, how }) => ({ title, how })),
    {
      title: 'Still not: cut it again',
      how:
        'From the record below, as it was. If all joints are too tight, give the next ' +
        'box less interference in Shape instead.',
    },
  ]
}
