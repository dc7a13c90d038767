import { readFileSync, writeFileSync } from 'node:fs'
import { readJob } from '../core/keep'
for (const n of ['specimen-tray', 'logger-case', 'slip-cases']) {
  const r = readJob(readFileSync(`demo/${n}.json`, 'utf8'))
  if (!r.ok) throw new Error(r.error)
  writeFileSync(`demo/${n}.json`, JSON.stringify(r.job, null, 2) + '\n')
}
