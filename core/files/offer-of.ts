import { boxSizes, sizeInUse } from '../box'
import { materialsOf, panelsShown, pictureOf, setsOf, thicknessesOf } from '../derive'
import { lidOf } from '../fittings'
import { thingsOf, type Job } from '../job'
import type { Say } from '../length'
import type { Bill } from '../price'
import { money } from '../say'
import type { Offer, OfferLine } from './offer'
import { offerOf as words } from './words'

const DAY = 24 * 3600_000

/** A date as it is written everywhere. [PUB: ISO 8601] */
const dateText = (date: Date): string => date.toISOString().slice(0, 10)

/** What a customer wants to know of one kind of box. */
function lineOf(job: Job, { name, copies, box }: ReturnType<typeof thingsOf>[number], say: Say): OfferLine {
  const materials = materialsOf(job.measure, job.cut.compensation)
  const { outer } = boxSizes(box, thicknessesOf(box.stocks, materials).mean)
  const size = `${say.size(sizeInUse(box.lies, outer), 0)} outside`
  const stock = job.measure.stock?.name
  const panels = panelsShown({ ...job, box })
  return {
    name,
    about: words.closedOpen(size, !!lidOf(box), stock ? `, ${stock}` : ''),
    count: copies,
    picture: panels && pictureOf(panels),
  }
}

/**
 * A quote or a delivery note for the boxes that a price was asked for.
 * @param now when it is written
 */
export function offerOf(kind: Offer['kind'], job: Job, bill: Bill, now: Date, say: Say): Offer {
  const { price: terms, build } = job
  const things = thingsOf(job)
  const own = setsOf(job)
  const lines = things.map((thing) =>
    lineOf(
      job,
      {
        ...thing,
        name: things.length > 1 ? thing.name : job.name,
        copies: (thing.copies / own) * bill.boxes,
      },
      say,
    ),
  )
  const isQuote = kind === 'quote'
  const stamp = now.toISOString().replace(/[-:]/g, '').slice(0, 13).replace('T', '-')
  const glued = words.glueFullStrength(build.glue.full)
  return {
    kind,
    number: `${isQuote ? 'Q' : 'D'}-${stamp}`,
    date: dateText(now),
    seller: terms.seller,
    customer: terms.customer,
    lines,
    each: isQuote ? money(bill.each, terms) : '',
    total: isQuote ? money(bill.price, terms) : '',
    until: isQuote && terms.days > 0 ? dateText(new Date(now.getTime() + terms.days * DAY)) : '',
    notes: [...(terms.note ? [terms.note] : []), ...(isQuote ? [] : [glued])],
  }
}
