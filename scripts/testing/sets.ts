import { randomFrom } from '../../core/statistics'
import { PLAIN_BOX, sameTabs } from '../../core/box'
import { partsOf } from './parts'
import { channel, cornerPiece, drawsFrom, frame, type Corner } from './tasks'

/** What is cut from one stock: parts by outline, so many of each. */
export interface SetPart {
  id: string
  outline: Corner[]
  holes?: Corner[][]
  count: number
  turns: number[]
}

export const SET_KINDS = ['boxes', 'corners and channels', 'frames with boxes'] as const
export type SetKind = (typeof SET_KINDS)[number]

const QUARTERS = [0, 90, 180, 270]
type Any = ReturnType<typeof drawsFrom>

/** The panels of closed finger-jointed boxes of one size. */
function boxes(id: string, sizes: [number, number, number], copies: number): SetPart[] {
  const [width, depth, height] = sizes
  const tabs = sameTabs({ rule: 'even', width: 9 })
  const spec = {
    ...PLAIN_BOX,
    sizesAre: 'outer' as const,
    width,
    depth,
    height,
    fittings: [{ type: 'top-fingers' as const }],
    tabs,
    proud: 0,
  }
  return partsOf(spec, 1).map(({ shape }, i) => ({
    id: `${id} ${i}`,
    outline: shape.outline.map(({ x, y }): Corner => [x, y]),
    count: copies,
    turns: QUARTERS,
  }))
}

const boxSet = (any: Any): SetPart[] =>
  [0, 1, 2].flatMap((i) => boxes(`box ${i}`, [any(80, 260), any(60, 180), any(40, 100)], any(2, 5)))

const cornerSet = (any: Any): SetPart[] =>
  Array.from({ length: 8 }, (_, i): SetPart => {
    const plate = (i % 2 === 0 ? cornerPiece : channel)(any(60, 200), any(60, 200), any(15, 35))
    return { id: `plate ${i}`, ...plate, count: any(5, 12), turns: QUARTERS }
  })

const frameSet = (any: Any): SetPart[] => [
  ...Array.from({ length: 4 }, (_, i): SetPart => {
    const around = frame(any(140, 280), any(110, 220), any(12, 25))
    return { id: `frame ${i}`, ...around, count: any(3, 6), turns: QUARTERS }
  }),
  ...[0, 1].flatMap((i) => boxes(`box ${i}`, [any(70, 150), any(50, 100), any(30, 60)], any(3, 6))),
]

/** A set of parts as one stock is cut into; the same seed gives the same one. */
export function setOf(kind: SetKind, seed: number): SetPart[] {
  const any = drawsFrom(randomFrom(seed))
  return { boxes: boxSet, 'corners and channels': cornerSet, 'frames with boxes': frameSet }[kind](any)
}
