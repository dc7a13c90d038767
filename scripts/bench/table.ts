import { deriveBox, readVariants, variantSteps } from '../../core/derive'
import { thingsOf } from '../../core/job'
import { IN_METRIC } from '../../core/length'
import { demo } from '../testing/demo'
import { mustHold, row } from './timing'

/** How long two hundred rows of a table take to become a job (limit 10 s), against their boxes alone. */
export function benchTable(): void {
  console.log('\nA table of 200 boxes (limit 10 s)')
  const pattern = demo('specimen-tray')
  const rows = Array.from({ length: 200 }, (_, i) => `Tray ${i + 1},${200 + i / 4},${140 + i / 8}`)
  const begun = performance.now()
  const read = readVariants(['name,width,depth', ...rows].join('\n'), pattern, 'mm')
  if (!read.ok) throw new Error(read.error)
  const about = { id: 'bench', name: 'Bench', changed: '' }
  const steps = variantSteps(pattern, read.variants, about, IN_METRIC)
  let step = steps.next()
  while (!step.done) step = steps.next()
  const took = performance.now() - begun
  const job = step.value.job!
  const again = performance.now()
  for (const { box } of thingsOf(job)) deriveBox({ ...job, box: { ...box } })
  const alone = performance.now() - again
  row(
    'read and made / its boxes derived alone',
    `${(took / 1000).toFixed(1)} / ${(alone / 1000).toFixed(1)} s`,
  )
  row('as a ratio', (took / alone).toFixed(2))
  mustHold(
    thingsOf(job).length === 200 && took < 10_000,
    `200 rows take ${(took / 1000).toFixed(1)} s, not 10`,
  )
}
