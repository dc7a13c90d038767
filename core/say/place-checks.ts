import type { Engraving } from '../box'
import { openingsAstray, type BurntAstray } from '../derive'
import type { Say } from '../length'
import type { Operation } from '../machine'
import { isForbidden, violationSentence, type Violation } from '../nest'
import type { Check } from '../plan'
import { listed, look, ok, stop, type CheckInput } from './check-input'
import { cutAwaySentence, overEdgeSentence } from './warnings'

/** Whether all parts, and all that is burnt into them, lie where they may. */
export function placeChecks(looked: CheckInput, say: Say): Check[] {
  const { job, plan } = looked
  const { machine } = job.measure
  const said = (wanted: (violation: Violation) => boolean): string[] =>
    plan.violations.filter(wanted).map((each) => violationSentence(each, job.layout.settings, say))
  const hard = said(isForbidden)
  const close = said(({ kind }) => kind === 'gap')
  const againstGrain = said(({ kind }) => kind === 'grain')
  const burnt = burntChecks(looked, say)
  const bed = machine
    ? `Bed ${say.size([machine.bedWidth, machine.bedHeight], 0)}.`
    : 'No machine chosen: only the sheet was checked.'
  return [
    hard.length > 0
      ? stop('inside', 'Parts overlap or leave the sheet or bed', listed(hard))
      : ok(
          'inside',
          `${burnt.length > 0 ? 'Parts lie inside' : 'Inside'} the sheet${machine ? ' and the bed' : ''}, ` +
            'nothing overlaps',
          bed,
        ),
    ...burnt,
    ...(close.length > 0 ? [look('gap', 'Parts are closer than the gap', listed(close))] : []),
    ...(againstGrain.length > 0 ? [look('grain', 'Parts lie the wrong way', listed(againstGrain))] : []),
  ]
}

/** What an engraving is done by; null for an operation of the maker's own. */
function operationOf({ how, motif }: Engraving): Operation | null {
  if (how.kind === 'own') return null
  if (motif.kind === 'picture') return 'engrave'
  if (how.kind === 'score') return 'score'
  return how.kind === 'engrave' ? 'engrave' : 'pocket'
}

/** What is burnt beyond its own panel: onto another one, off the sheet or the bed, or anywhere. */
function burntChecks({ job, things, parts, plan }: CheckInput, say: Say): Check[] {
  const labels = new Map(parts.map(({ id, label }) => [id, label]))
  const name = (id: string): string => labels.get(id) ?? id
  const sentence = ({ part, onto, by }: BurntAstray): string => {
    const what = `What is burnt into ${name(part)}`
    if (onto === 'sheet') return `${what} runs ${say.length(by, 1)} off the sheet.`
    if (onto === 'bed') return `${what} runs ${say.length(by, 1)} past what the bed reaches.`
    return onto === 'rest' ? '' : `${what} also burns ${name(onto.part)}.`
  }
  const hit = [...new Set(plan.astray.map(sentence).filter((said) => said !== ''))]
  const astray = (wanted: string, said: typeof overEdgeSentence): string[] =>
    things.flatMap(({ box }) => {
      const isDone = (i: number | undefined): boolean => {
        const of = i === undefined ? undefined : box.made?.spec.engravings[i]
        const by = of ? operationOf(of) : null
        return by === null || !job.cut.off.includes(by)
      }
      const own = openingsAstray(box).filter(
        ({ reaches, engraving }) => reaches === wanted && isDone(engraving),
      )
      return [...new Set(own.map(({ panel }) => panel))].map((panel) => {
        const engravings = own.flatMap((each) => (each.panel === panel ? (each.engraving ?? []) : []))
        const label = box.panels?.find(({ id }) => id === panel)?.label ?? panel
        return said([...new Set(engravings)], label)
      })
    })
  const over = astray('over its panel', overEdgeSentence)
  const lost = astray('what is cut away', cutAwaySentence)
  return [
    ...(hit.length > 0
      ? [stop('burnt', 'Engraving would burn what it is not meant for', `${listed(hit)} Move it in Shape.`)]
      : []),
    ...(over.length > 0 ? [stop('over', 'Engraving runs over the edge of its panel', listed(over))] : []),
    ...(lost.length > 0 ? [look('lost', 'Part of an engraving is cut away', listed(lost))] : []),
  ]
}
