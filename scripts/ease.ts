import { execFileSync } from 'node:child_process'
import { flesch } from 'flesch'
import { syllable } from 'syllable'
import { sentencesIn } from './testing/sentences'
const files = execFileSync('git', ['ls-files', 'core', 'web'], { encoding: 'utf8' })
  .split('\n')
  .filter((f) => /\.(ts|vue)$/.test(f) && !/test\.ts$|versions\//.test(f))
const rooms = new Map<string, { sentence: number; word: number; syllable: number }>()
const long: string[] = []
for (const f of files)
  for (const { line, text } of sentencesIn(f)) {
    for (const s of text.split(/(?<=[.?!:;])\s+(?=[A-Z“…])/)) {
      const words = s.match(/[A-Za-z’']+/g) ?? []
      if (words.length < 5) continue
      const room = f
        .split('/')
        .slice(0, f.startsWith('web/stations') ? 3 : 2)
        .join('/')
      const r = rooms.get(room) ?? { sentence: 0, word: 0, syllable: 0 }
      r.sentence++
      r.word += words.length
      r.syllable += words.reduce((n, w) => n + syllable(w), 0)
      rooms.set(room, r)
      if (words.length > 22) long.push(`${words.length}\t${f}:${line}\t${s}`)
    }
  }
for (const [room, c] of rooms)
  console.log(room, c.sentence, (c.word / c.sentence).toFixed(1), flesch(c).toFixed(0))
long.sort((a, b) => Number(b.split('\t')[0]) - Number(a.split('\t')[0]))
console.log(long.length)
console.log(long.join('\n'))
