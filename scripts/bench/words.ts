import { roomsOf, shownSentences } from '../testing/reading-ease'
import { mustHold, row } from './timing'

/** Plain English, and the length that a sentence has at most on average. [PUB: R. Flesch, 1948] */
const [LEAST_EASE, LONGEST] = [60, 17]

/** How easily everything that is shown reads, room by room, the hardest first. */
export function benchWords(): void {
  console.log('\nWords: reading ease (limit 60, plain English), words in a sentence, sentences')
  const rooms = roomsOf(shownSentences()).filter(({ sentences }) => sentences >= 5)
  for (const { room, ease, long, sentences } of rooms) {
    row(
      room,
      `${ease.toFixed(0).padStart(4)} ${long.toFixed(1).padStart(6)} ${String(sentences).padStart(5)}`,
    )
    mustHold(ease >= LEAST_EASE && long <= LONGEST, `${room} reads at ${ease.toFixed(0)}`)
  }
}
