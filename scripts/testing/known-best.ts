import { randomFrom } from '../../core/statistics'

interface Rectangle {
  width: number
  height: number
}

/** Rectangles that are known to fit on so many sheets: the sheets were cut up into them. */
export interface KnownBest {
  parts: Rectangle[]
  sheet: Rectangle
  best: number
}

/** No piece is cut that is narrower than this, mm. */
const NARROWEST = 24

/** Four pieces round a fifth. */
function wheelOf({ width, height }: Rectangle, random: () => number): Rectangle[] {
  const [left, right] = [0.2 + 0.25 * random(), 0.2 + 0.25 * random()].map((share) => share * width)
  const [low, high] = [0.2 + 0.25 * random(), 0.2 + 0.25 * random()].map((share) => share * height)
  return [
    { width: width - right, height: low },
    { width: right, height: height - high },
    { width: width - left, height: high },
    { width: left, height: height - low },
    { width: width - left - right, height: height - low - high },
  ]
}

/**
 * Cuts whole sheets up at random, each piece across its longer side, and takes a share off every side of a
 * piece; half of them are turned.
 * @param shrunk 0.04 takes 4 % off
 * @param wheels share of the cuts that make five pieces, four of them round one in the middle: such a piece
 * cannot be had by cutting right across
 */
export function knownBest(
  count: number,
  sheets: number,
  shrunk: number,
  seed: number,
  wheels = 0,
): KnownBest {
  const random = randomFrom(seed)
  const sheet = { width: 600, height: 400 }
  const parts: Rectangle[] = []
  for (let i = 0; i < sheets; i++) {
    const wanted = Math.floor(((i + 1) * count) / sheets) - Math.floor((i * count) / sheets)
    const pieces = [{ ...sheet }]
    while (pieces.length < wanted) {
      pieces.sort((a, b) => b.width * b.height - a.width * a.height)
      // Mostly the largest one, so that none is left that is nearly a sheet.
      const [piece] = pieces.splice(Math.floor(random() ** 3 * pieces.length), 1)
      if (random() < wheels && Math.min(piece.width, piece.height) > 5 * NARROWEST) {
        pieces.push(...wheelOf(piece, random))
        continue
      }
      const [long, short] =
        piece.width > piece.height ? (['width', 'height'] as const) : (['height', 'width'] as const)
      if (piece[long] < 2 * NARROWEST) {
        pieces.push(piece)
        continue
      }
      const at = Math.max(NARROWEST, Math.min(piece[long] - NARROWEST, piece[long] * (0.25 + 0.5 * random())))
      const one = { [long]: at, [short]: piece[short] } as unknown as Rectangle
      const other = { [long]: piece[long] - at, [short]: piece[short] } as unknown as Rectangle
      pieces.push(one, other)
    }
    parts.push(...pieces)
  }
  const kept = 1 - shrunk
  return {
    parts: parts.map(({ width, height }) =>
      random() < 0.5
        ? { width: width * kept, height: height * kept }
        : { width: height * kept, height: width * kept },
    ),
    sheet,
    best: sheets,
  }
}
