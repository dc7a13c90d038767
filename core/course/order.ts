import { rectangle, type Ring } from '../geometry'
import { randomFrom } from '../statistics'
import { hiddenMachine, hiddenSheet, piecesOf, type Run } from '../rehearse'
import type { Exercise } from './types'

const ITEMS = [
  { id: 'outline', name: 'cut the outline' },
  { id: 'window', name: 'cut the window' },
  { id: 'words', name: 'engrave the words' },
  { id: 'holes', name: 'cut the screw holes' },
]
const NAMES = new Map(ITEMS.map(({ id, name }) => [id, name]))

/** A way that went through, finished at that moment. */
const run = (points: Ring, end: number): Run => ({
  points,
  closed: true,
  end,
  least: 1.3,
  mean: 1.3,
  held: 0,
  heldAt: null,
  bridges: 0,
})

/** A lid with a window and a screw hole, cut on the simulated laser in that order: what went wrong. */
function faultsOf(order: string[], seed: number): string[] {
  const ways: Record<string, Ring> = {
    outline: rectangle(20, 20, 140, 100),
    window: rectangle(50, 45, 110, 75),
    holes: rectangle(26, 26, 30, 30),
  }
  const runs = order.flatMap((id, i) => (id in ways ? [run(ways[id], i + 1)] : []))
  const known = { family: 'plywood' as const, kerf: { x: 0.16, y: 0.16 }, doubt: 0.01, through: null }
  const size = { width: 300, height: 200 }
  const sheet = hiddenSheet(seed, 0, size, { mean: 3, doubt: 0.05 }, 'plywood')
  return piecesOf(runs, sheet, hiddenMachine(seed, known)).flatMap(({ faults }) => faults)
}

export const ORDER: Exercise = {
  id: 'order',
  title: 'Outline before holes',
  about: 'What is cut loose first moves, and the rest lands wrong.',
  make: (seed) => {
    const random = randomFrom(seed * 41 + 9)
    const items = [...ITEMS].map((item) => ({ item, at: random() })).sort((a, b) => a.at - b.at)
    return {
      story: () => [
        'A lid has a window, four screw holes and a word on it. ' +
          'Put what is done to it in order, first to last.',
        'Your order is cut on the simulated laser: what comes out of it is the answer.',
      ],
      readings: null,
      trying: null,
      questions: [
        { id: 'order', label: 'In this order', kind: 'order', items: items.map(({ item }) => item) },
      ],
      hints: () => [
        'As long as a part hangs in its sheet it lies still.',
        'Engrave, score, inside cuts, outlines: what sets the part free comes last.',
      ],
      check: ({ order }) => {
        const given = Array.isArray(order) ? order : []
        if (ITEMS.some(({ id }) => !given.includes(id)))
          return { right: false, said: () => 'Something is missing: all four are to be done.' }
        const [fault] = faultsOf(given, seed)
        if (fault) return { right: false, said: () => `The simulated laser says of the lid: ${fault}` }
        const late = given.slice(given.indexOf('outline') + 1)
        if (late.length > 0)
          return {
            right: false,
            said: () =>
              `The lid is loose when you ${NAMES.get(late[0])}: it may have dropped or turned by then.`,
          }
        const inside = Math.min(given.indexOf('window'), given.indexOf('holes'))
        if (given.indexOf('words') > inside)
          return {
            right: false,
            said: () =>
              'It comes out, but it is engraved after cuts. Soot and smoke blow over what is open by ' +
              'then, and a long window lets the sheet bend. Engrave first.',
          }
        return {
          right: true,
          said: () => 'Right: the lid comes free last, with everything where it belongs.',
        }
      },
    }
  },
}
