import { wallIndex } from '../angled'
import type { Panel } from '../assembly'
import { dot, type Vector } from '../geometry'

interface Body {
  panels: Panel[]
  middle: Vector
  /** Half of its size along each axis. */
  half: Vector
}

const SHELL = ['floor', 'front', 'back', 'left', 'right', 'top']
const BEFORE_THE_FRONT = ['plate', 'knob']

/** The name of a panel in its own box. */
const ownName = (id: string): string => id.slice(id.lastIndexOf('/') + 1)
const bodyName = (id: string): string => id.slice(0, Math.max(0, id.lastIndexOf('/')))

function bodiesOf(panels: Panel[], place: (panel: Panel) => Vector[]): Body[] {
  const names = [...new Set(panels.map(({ id }) => bodyName(id)))]
  return names.map((name) => {
    const own = panels.filter(({ id }) => bodyName(id) === name)
    const points = own.flatMap(place)
    const ends = [0, 1, 2].map((axis) => {
      const values = points.map((point) => point[axis])
      return [Math.min(...values), Math.max(...values)]
    })
    return {
      panels: own,
      middle: ends.map(([low, high]) => (low + high) / 2) as Vector,
      half: ends.map(([low, high]) => (high - low) / 2) as Vector,
    }
  })
}

/** Whether one body is round another one. */
const wraps = (outer: Body, inner: Body): boolean =>
  outer.half[0] * outer.half[1] * outer.half[2] > inner.half[0] * inner.half[1] * inner.half[2] &&
  [0, 1, 2].every((axis) => Math.abs(inner.middle[axis] - outer.middle[axis]) < outer.half[axis])

/**
 * Panels in the order in which they are painted over each other: what looks away from the eye first, what
 * stands inside between, what looks towards the eye last; a box that is round others likewise.
 * @param towards the way to the eye
 * @param place the corners of a panel in space
 */
export function paintingOrder(panels: Panel[], towards: Vector, place: (panel: Panel) => Vector[]): Panel[] {
  const outward = ({ frame }: Panel): number => dot([frame[2], frame[6], frame[10]], towards)
  const depth = (panel: Panel): number => {
    const corners = place(panel)
    return corners.reduce((sum, corner) => sum + dot(corner, towards), 0) / corners.length
  }
  const sides = ({ panels: own }: Body): [Panel[], Panel[]] => {
    const shell = own.filter(({ id }) => SHELL.includes(ownName(id)) || wallIndex(ownName(id)) >= 0)
    const inside = own.filter((panel) => !shell.includes(panel))
    const between = inside.filter(({ id }) => !BEFORE_THE_FRONT.includes(ownName(id)))
    const away = shell.filter((panel) => outward(panel) <= 0).sort((a, b) => outward(a) - outward(b))
    const near = shell.filter((panel) => outward(panel) > 0).sort((a, b) => outward(b) - outward(a))
    const first = [...away, ...between.sort((a, b) => depth(a) - depth(b))]
    return [first, [...near, ...inside.filter((panel) => !between.includes(panel))]]
  }
  const order = (bodies: Body[]): Panel[] => {
    const outer = bodies.filter((body) => !bodies.some((other) => other !== body && wraps(other, body)))
    return outer
      .sort((a, b) => dot(a.middle, towards) - dot(b.middle, towards))
      .flatMap((body) => {
        const within = bodies.filter((other) => other !== body && wraps(body, other))
        const [first, last] = sides(body)
        return [...first, ...order(within), ...last]
      })
  }
  return order(bodiesOf(panels, place))
}
