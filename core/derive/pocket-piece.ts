import { rectangle } from '../geometry'
import { letterInto } from '../lettering'
import type { CutPath } from '../plan'
import { settingWords, type Setting } from '../tune'
import { fillLines } from './fill'

/** A patch that calipers reach into, with room to hold it by and to write on, mm. */
const PATCH = 20
const EDGE = 8

/** A test pocket, ready to be written: a patch, its setting beside it, cut out. Lengths in mm. */
export function makePocketPiece(
  setting: Setting,
  beam: number,
): { width: number; height: number; paths: CutPath[] } {
  const [width, height] = [PATCH + 2 * EDGE, PATCH + 3 * EDGE]
  const part = 'test pocket'
  const patch = rectangle(EDGE, 2 * EDGE, EDGE + PATCH, 2 * EDGE + PATCH)
  const words = letterInto(settingWords(setting), { x: width / 2, y: EDGE }, width - EDGE, EDGE / 2)
  const path = (operation: CutPath['operation'], points: CutPath['points'], closed: boolean): CutPath => ({
    operation,
    part,
    points,
    closed,
  })
  return {
    width,
    height,
    paths: [
      path('pocket', fillLines(patch, beam / 2), false),
      ...words.map((points) => path('score', points, false)),
      path('outline', rectangle(1, 1, width - 1, height - 1), true),
    ],
  }
}
