import { execFileSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { flesch } from 'flesch'
import { syllable } from 'syllable'
import { sentencesIn, type Sentence } from './sentences'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** Words that things are found by are no sentences; nor is what old files are told by. */
const isShown = (file: string): boolean =>
  /^(core|web)\/.*\.(ts|vue)$/.test(file) && !/\.test\.ts$|\/versions\/|-fields\.ts$|\/fields\.ts$/.test(file)

/** The files that may say something. */
export const shownFiles = (): string[] =>
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', 'core', 'web'], {
    cwd: root,
    encoding: 'utf8',
  })
    .split('\n')
    .filter(isShown)

/** Everything that screens, files and the command line say. */
export const shownSentences = (): Sentence[] => shownFiles().flatMap((file) => sentencesIn(file))

/** A room of the core or of the screens, with how easily it reads. */
export interface RoomEase {
  room: string
  sentences: number
  /** Words in a sentence, on average. */
  long: number
  /** Reading ease. [PUB: R. Flesch, 1948] */
  ease: number
}

const WORD = /[A-Za-z’']+/g
/** Shorter ones are labels. */
const SHORTEST = 5

/** How easily each room reads, the hardest first. */
export function roomsOf(shown: Sentence[]): RoomEase[] {
  const rooms = new Map<string, { sentence: number; word: number; syllable: number }>()
  for (const { file, text } of shown) {
    const room = file
      .split('/')
      .slice(0, file.startsWith('web/stations/') ? 3 : 2)
      .join('/')
    const own = rooms.get(room) ?? { sentence: 0, word: 0, syllable: 0 }
    for (const sentence of text.split(/(?<=[.?!:;])\s+/)) {
      const words = sentence.match(WORD) ?? []
      if (words.length < SHORTEST) continue
      own.sentence++
      own.word += words.length
      own.syllable += words.reduce((sum, word) => sum + syllable(word), 0)
    }
    rooms.set(room, own)
  }
  return [...rooms]
    .filter(([, { sentence }]) => sentence > 0)
    .map(([room, counts]) => ({
      room,
      sentences: counts.sentence,
      long: counts.word / counts.sentence,
      ease: flesch(counts),
    }))
    .sort((a, b) => a.ease - b.ease)
}
