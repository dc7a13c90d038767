import { runsIn, type Glue } from './glue'
import type { BuildStep } from './step'

/** How quickly one works. [FM] */
export const PACE = {
  /** Glue spread, mm² in a minute. */
  spread: 2500,
  /** A panel brought in and pressed home, minutes. */
  home: 0.4,
  /** Bands or clamps put on, both diagonals measured, minutes. */
  clamp: 1,
}

/** Steps that are glued in one go, and then held. */
export interface Round {
  steps: BuildStep[]
  /** Glue faces, mm². */
  area: number
  /** From the first glue until it is held and square, minutes. */
  minutes: number
  /** By how much that is more than the glue stays open, minutes: a step that alone takes too long. */
  late: number
  /** Whether anything must be held afterwards. */
  isHeld: boolean
}

export interface Schedule {
  rounds: Round[]
  /** With the hands on it, and waiting for glue, minutes. */
  working: number
  waiting: number
}

const areaOf = ({ glue }: BuildStep): number => glue.reduce((sum, { area }) => sum + area, 0)
const takes = (step: BuildStep): number => areaOf(step) / PACE.spread + PACE.home

function roundOf(steps: BuildStep[], glue: Glue): Round {
  const first = steps.findIndex((step) => areaOf(step) > 0)
  const area = steps.reduce((sum, step) => sum + areaOf(step), 0)
  const isFlat = steps.some((step) => step.isFlat)
  // What comes in before any glue is spread takes nothing of its time.
  const glued = first < 0 ? [] : steps.slice(first)
  const clamped = first < 0 && !isFlat ? 0 : PACE.clamp
  const minutes = glued.reduce((sum, step) => sum + takes(step), 0) + clamped
  const late = runsIn(glue) || first < 0 ? 0 : Math.max(0, minutes - glue.open)
  return { steps, area, minutes, late, isHeld: isFlat || first >= 0 }
}

/**
 * Groups the steps so that no joint is moved after its glue has closed: from the first glue of a round until
 * it is clamped and square goes by no more than the glue's open time. Rounds are as few as that allows: each
 * takes as many steps as it can. Thin glue runs into joints that are closed already, all in one round.
 */
export function scheduleOf(steps: BuildStep[], glue: Glue): Schedule {
  const flat = steps.filter((step) => step.isFlat)
  const rounds = flat.length > 0 ? [roundOf(flat, glue)] : []
  let own: BuildStep[] = []
  for (const step of steps) {
    if (step.isFlat) continue
    const more = [...own, step]
    if (own.some((each) => areaOf(each) > 0) && roundOf(more, glue).late > 0) {
      rounds.push(roundOf(own, glue))
      own = [step]
    } else own = more
  }
  if (own.length > 0) rounds.push(roundOf(own, glue))
  const hands = steps.reduce((sum, step) => sum + takes(step), 0)
  const held = rounds.filter(({ isHeld }) => isHeld).length
  return { rounds, working: hands + held * PACE.clamp, waiting: held * glue.hold }
}
