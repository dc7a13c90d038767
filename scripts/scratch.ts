import fc from 'fast-check'
import { prove } from '../core/assembly'
import { anyPlans, makeablePlan, assemblyOf } from './testing/plans'
import { solidLibrary } from './testing/solids'
const lib = await solidLibrary()
let made = 0, bad = 0
const t0 = Date.now(); let tp = 0
for (const each of fc.sample(anyPlans, { numRuns: Number(process.argv[2] ?? 300), seed: 5 })) {
  const m = makeablePlan(each)
  if (!m) continue
  made++
  const { panels, box } = m
  const t = Date.now()
  const proof = prove(assemblyOf(box), panels)
  tp += Date.now() - t
  const solids = panels.map((p) => lib.solidOf(p))
  let worst = 0, who = ''
  for (let i = 0; i < solids.length; i++) for (let j = i + 1; j < solids.length; j++) {
    const both = solids[i].intersect(solids[j]); const v = both.volume(); both.delete()
    if (v > worst) { worst = v; who = panels[i].id + ' ' + panels[j].id }
  }
  const volume = solids.reduce((s, x) => s + x.volume(), 0)
  for (const s of solids) s.delete()
  const isBad = worst > 1e-5 * volume / panels.length + 1e-2
  if (isBad || proof.faults.length > 0) { bad++; if (bad < 12) console.log(isBad ? `SHARE ${worst.toFixed(3)} ${who}` : 'ok', JSON.stringify(proof.faults.slice(0, 2)), JSON.stringify(each.spec), JSON.stringify(each.sheets), JSON.stringify(each.tabs)) }
}
console.log(made, 'made', bad, 'bad', Date.now() - t0, 'ms, proving', tp)
