import type { Job } from '../job'
import { doubtKerf } from '../kerf'
import type { Doubt, Say } from '../length'
import { doubtThickness } from '../stock'
import type { Check } from '../plan'
import { stop, type MachineFacts, type CheckInput } from './check-input'

/** A figure that is asked about until it is mended or said to be right. */
export interface OpenQuestion extends Doubt {
  what: 'kerf' | 'thickness'
  /** The stock that it was measured on, by id, and the figure, mm. */
  stock: string
  value: number
  /** What it is called once it is said to be right. */
  key: string
}

/** What a doubted figure is called in the job once it is said to be right. @param value mm */
export const sureKey = (what: 'kerf' | 'thickness', of: string, value: number): string =>
  `${what} of ${of.slice(0, 60)} ${Number(value.toFixed(4))}`

/** Every figure of a job's measuring that is probably a slip, and that nobody said is right. */
export function openQuestions(
  { measure }: Pick<Job, 'measure'>,
  { kerfs }: MachineFacts,
  say: Say,
): OpenQuestion[] {
  const sets = [{ stock: measure.stock, kerf: measure.kerf }, ...measure.more]
  const asked = sets.flatMap(({ stock, kerf }): OpenQuestion[] => {
    const of = stock?.id ?? ''
    const about = (what: OpenQuestion['what'], value: number, doubt: Doubt | null): OpenQuestion[] =>
      doubt ? [{ ...doubt, what, stock: of, value, key: sureKey(what, of, value) }] : []
    const values = [...new Set((stock?.readings ?? []).map(({ value }) => value))]
    return [
      ...(kerf ? about('kerf', kerf.width, doubtKerf(kerf.width, kerfs, say)) : []),
      ...values.flatMap((value) => about('thickness', value, doubtThickness(value, stock!.nominal, say))),
    ]
  })
  return asked.filter(({ key }) => !measure.sure.includes(key))
}

/** No file is written on a figure that is still asked about. */
export function questionChecks({ job, known }: CheckInput, say: Say): Check[] {
  const open = openQuestions(job, known, say)
  if (open.length === 0) return []
  return [
    stop(
      'question',
      open.length === 1 ? 'A measured figure is in doubt' : `${open.length} measured figures are in doubt`,
      `${open.map(({ says }) => says).join(' ')} Answer in Measure.`,
    ),
  ]
}
