import { boughtFor, staysDry, type Finish } from '../build'
import { sizeInUse } from '../box'
import { panelsShown, pictureOf, type DerivedBox } from '../derive'
import { kindOfLid, lidOf } from '../fittings'
import type { Job } from '../job'
import { capitalised, counted, type Say } from '../length'
import type { BoxCard } from './card'
import { cardOf as words } from './words'

const HOUR = 3600_000

/** What is on it, in a line. */
function finishLine({ kind, coats, inside }: Finish): string {
  if (kind === 'none') return words.bareNothing
  return words.insideOutsideOutside(capitalised(counted(coats, 'coat')), kind, !!inside)
}

/**
 * The card that goes with the box in hand: what it is, and how it is treated.
 * @param hours from now until it may be used @param now when it was glued up
 */
export function cardOf(job: Job, { made, sizes }: DerivedBox, hours: number, now: Date, say: Say): BoxCard {
  const { box, measure, thing, also, build, price } = job
  const lid = lidOf(box)
  const stock = measure.stock
  const size = (each: typeof sizes.outer): string => say.size(sizeInUse(box.lies, each), 0)
  const ready = new Date(now.getTime() + hours * HOUR).toISOString().slice(0, 10)
  const dry = made ? staysDry(made).map(({ what }) => what) : []
  const hasMagnets = made ? boughtFor(made).some(({ what }) => what === 'magnet') : false
  const isAcrylic = stock?.family === 'acrylic'
  const panels = panelsShown(job)
  return {
    name: also.length > 0 ? `${job.name}: ${thing.name}` : job.name,
    maker: price.seller,
    picture: panels && pictureOf(panels),
    facts: [
      words.outsideInside(size(sizes.outer), size(sizes.inner)),
      ...(stock ? [words.cutFrom(stock.name, isAcrylic ? null : build.glue.kind)] : []),
      ...(lid ? [`${capitalised(kindOfLid(lid).title)}.`] : []),
      finishLine(build.finish),
    ],
    care: [
      words.putNothingHeavy(ready),
      isAcrylic ? words.wipeSoftDamp : words.keepDryOut,
      ...(dry.some((what) => what === 'grooves' || what === 'runners') ? [words.slidesRunsBare] : []),
      ...(dry.includes('slits') ? [words.openBendSlowly] : []),
      ...(hasMagnets ? [words.smallMagnetsKeep] : []),
    ],
  }
}
