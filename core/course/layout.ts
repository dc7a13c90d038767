import { bounds, rectangle, type Region } from '../geometry'
import {
  placedShape,
  remnantsOf,
  violations,
  violationSentence,
  type NestPart,
  type Placement,
} from '../nest'
import type { Lesson } from './lesson'
import { panelsOf, plainTray } from './tray'

/** A part of the tray on the bench: its shape lies with the grain along its width. */
export interface BenchPart extends NestPart {
  label: string
}

export interface LayoutState {
  parts: BenchPart[]
  placements: Placement[]
  /** The part that was moved last. */
  last: string | null
}

export type LayoutAct = { do: 'move'; part: string; x: number; y: number } | { do: 'turn'; part: string }

/** The offcut that the tray is cut from; its grain runs along its width. mm */
export const OFFCUT = { width: 220, height: 190 }
export const LAYOUT_RULES = { margin: 4, gap: 2, grain: 'along' as const, turning: true }
const SURFACE = {
  ...OFFCUT,
  loads: [{ x: 0, y: 0, ...OFFCUT }],
  outline: rectangle(0, 0, OFFCUT.width, OFFCUT.height),
  offcut: null,
  weight: 1,
}
/** A rest of this size is worth keeping, mm. */
const REST = { width: 75, height: 80 }
/** A part is set down on whole steps, mm. */
const STEP = 0.5

const wrongOf = ({ parts, placements }: LayoutState) =>
  violations(parts, placements, LAYOUT_RULES, () => SURFACE)

/** The largest rest in one piece; null where none is worth keeping. */
function restOf({ parts, placements }: LayoutState): { width: number; height: number } | null {
  const boxes = placements.map((placement) => {
    const part = parts.find(({ id }) => id === placement.part)!
    return bounds(placedShape(part, placement).outline)
  })
  const plain = remnantsOf({ ...SURFACE, outline: null }, boxes, LAYOUT_RULES.gap)
  return plain.find(({ kind }) => kind === 'rectangle') ?? null
}

export const shapeOnBench = (part: BenchPart, placement: Placement): Region => placedShape(part, placement)

function moved(state: LayoutState, part: string, change: (placement: Placement) => Placement): LayoutState {
  const placements = state.placements.map((each) => (each.part === part ? change(each) : each))
  return { ...state, placements, last: part }
}

const toStep = (value: number): number => Math.round(value / STEP) * STEP

export const LAYOUT_LESSON: Lesson<LayoutState, LayoutAct> = {
  id: 'layout',
  begin: ({ thickness }) => {
    const { panels } = panelsOf(plainTray(), thickness)
    const parts = panels.map(({ id, label, region }): BenchPart => {
      const { minX, minY } = bounds(region.outline)
      const shape = { ...region, outline: region.outline.map(({ x, y }) => ({ x: x - minX, y: y - minY })) }
      return { id, label, shape, turnedShape: shape }
    })
    // In a heap, some of them across the grain.
    const placements = parts.map(({ id }, i): Placement => {
      return { part: id, sheet: 0, x: 10 + 14 * i, y: 12 + 11 * i, turn: i % 2 === 0 ? 0 : 90, pinned: false }
    })
    return { parts, placements, last: null }
  },
  act: (state, act) =>
    act.do === 'turn'
      ? moved(state, act.part, (placement) => ({ ...placement, turn: (placement.turn + 90) % 360 }))
      : moved(state, act.part, (placement) => ({ ...placement, x: toStep(act.x), y: toStep(act.y) })),
  goals: (state, say) => {
    const wrong = wrongOf(state)
    const isFree = (kinds: string[]): boolean => !wrong.some(({ kind }) => kinds.includes(kind))
    const rest = restOf(state)
    const isIn = isFree(['edge', 'overlap', 'gap'])
    return [
      { text: 'Turn every part so that its width lies along the grain.', done: isFree(['grain']) },
      {
        text:
          `Put all five inside the margin of ${say.short(LAYOUT_RULES.margin)}, ` +
          `with ${say.short(LAYOUT_RULES.gap)} between them.`,
        done: isIn,
      },
      {
        text: `Leave a rest of ${say.size([REST.width, REST.height], 1)} or more in one piece.`,
        done: isIn && rest !== null && rest.width >= REST.width && rest.height >= REST.height,
      },
    ]
  },
  feedback: (state, say) => {
    if (!state.last) return ''
    const named = (id: string): string => `The ${state.parts.find((part) => part.id === id)!.label}`
    const found = wrongOf(state).find(({ parts }) => parts.includes(state.last!))
    if (!found) return `${named(state.last)} lies well.`
    const [first, second] = found.parts
    const parts = [named(first), ...(second ? [named(second).toLowerCase()] : [])]
    return violationSentence({ ...found, parts }, { gap: LAYOUT_RULES.gap, grain: 'along' }, say)
  },
  hint: (state) =>
    wrongOf(state).some(({ kind }) => kind === 'grain')
      ? 'Choose a part, and press R to turn it. The lines on the sheet show its grain.'
      : 'Put parts of one height beside each other, and the long ones in rows.',
}
