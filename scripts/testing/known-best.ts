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

/** By so much at most a side is smaller than it was cut, where each is on its own, mm. */
const ROUGH = 0.1

/** Four pieces round a fifth, with a gap between them. */
function wheelOf({ width, height }: Rectangle, gap: number, random: () => number): Rectangle[] {
  const [left, right] = [0.2 + 0.25 * random(), 0.2 + 0.25 * random()].map((share) => share * width)
  const [low, high] = [0.2 + 0.25 * random(), 0.2 + 0.25 * random()].map((share) => share * height)
  return [
    { width: width - right - gap, height: low },
    { width: right, height: height - high - gap },
    { width: width - left - gap, height: high },
    { width: left, height: height - low - gap },
    { width: width - left - right - 2 * gap, height: height - low - high - 2 * gap },
  ]
}

/** How sheets are cut up: `alike` shrinks all by the same share, else each side is shrunk on its own. */
export interface Cutting {
  /** Share of the cuts that make five pieces, four round one in the middle. */
  wheels?: number
  gap?: number
  margin?: number
  alike?: boolean
}

/**
 * Cuts whole sheets up at random, each piece across its longer side, and takes a share off every side of a
 * piece; half of them are turned.
 * @param shrunk 0.04 takes 4 % off, on the mean
 */
export function knownBest(
  count: number,
  sheets: number,
  shrunk: number,
  seed: number,
  { wheels = 0, gap = 0, margin = 0, alike = true }: Cutting = {},
): KnownBest {
  const random = randomFrom(seed)
  const sheet = { width: 600, height: 400 }
  const parts: Rectangle[] = []
  for (let i = 0; i < sheets; i++) {
    const wanted = Math.floor(((i + 1) * count) / sheets) - Math.floor((i * count) / sheets)
    const pieces = [{ width: sheet.width - 2 * margin, height: sheet.height - 2 * margin }]
    while (pieces.length < wanted) {
      pieces.sort((a, b) => b.width * b.height - a.width * a.height)
      // Mostly the largest one, so that none is left that is nearly a sheet.
      const [piece] = pieces.splice(Math.floor(random() ** 3 * pieces.length), 1)
      if (random() < wheels && Math.min(piece.width, piece.height) > 5 * NARROWEST) {
        pieces.push(...wheelOf(piece, gap, random))
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
      const other = { [long]: piece[long] - at - gap, [short]: piece[short] } as unknown as Rectangle
      pieces.push(one, other)
    }
    parts.push(...pieces)
  }
  const kept = (side: number): number =>
    alike ? side * (1 - shrunk) : (side - ROUGH * random()) * (1 - 2 * shrunk * random())
  return {
    parts: parts.map(({ width, height }) =>
      random() < 0.5
        ? { width: kept(width), height: kept(height) }
        : { width: kept(height), height: kept(width) },
    ),
    sheet,
    best: sheets,
  }
}
