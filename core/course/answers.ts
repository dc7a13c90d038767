import { flatLength } from '../bend'
import { wordFor } from '../fit'
import { compensationFor } from '../kerf'
import type { LengthUnit, Say } from '../length'
import { randomFrom } from '../statistics'
import { BEND_LESSON, breaksAt, QUARTER } from './bend'
import { CALIPERS_LESSON } from './calipers'
import { COMB_LESSON, gapOf } from './comb'
import type { LessonId } from './outline'
import { PLACES, RESULT_LESSON, rightOf, type Place } from './result'
import { meetingLine, scaleIn, stepOf, type Scale } from './scale'
import { sureSpeeds } from './setting'
import { TABS_LESSON } from './tabs'
import type { World } from './world'

const NAMES: Record<Place, string> = {
  tab: 'the compensation',
  slot: 'the width of slots',
  edge: 'the speed',
}

/** Thickness along all four edges, mm. */
function alongEdges({ sheet: { width, height, thickness } }: World): number[] {
  const shares = Array.from({ length: 21 }, (_, i) => i / 20)
  const inset = 20
  return shares.flatMap((share) => [
    thickness(share * width, inset),
    thickness(share * width, height - inset),
    thickness(inset, share * height),
    thickness(width - inset, share * height),
  ])
}

/** Rows of links that bend all the way round along the grain. */
function rowsThatHold(world: World, unit: LengthUnit): { flat: number; rows: number[] } {
  const begun = BEND_LESSON.begin(world, unit)
  const flat = flatLength(Math.PI / 2, begun.radius, begun.thickness)
  const state = { ...begun, flat, along: true }
  const rows = Array.from({ length: 100 }, (_, i) => i + 3).filter((each) => {
    const made = BEND_LESSON.act(state, { do: 'rows', to: each })
    return made.rows === each && breaksAt(made) >= QUARTER
  })
  return { flat, rows }
}

/** What comes out of each lesson on this bench, for who teaches it: a line a lesson. */
export function answersOf(world: World, say: Say): Record<LessonId, string> {
  const unit = say.lengthUnit
  const { strip, scale } = CALIPERS_LESSON.begin(world, unit)
  const thickness = alongEdges(world)
  const kerf = world.machine.kerf.x
  const comb = COMB_LESSON.begin(world, unit)
  const snug = comb.steps.filter((_, i) => wordFor(gapOf(comb, i)) === 'snug')
  const corners = TABS_LESSON.begin(world, unit).corners.map(({ beside }) =>
    [...new Set(beside)].join(' or '),
  )
  const { flat, rows } = rowsThatHold(world, unit)
  const speeds = sureSpeeds(world)
  const result = RESULT_LESSON.begin(world, unit)
  const right = rightOf(result)
  const wrong = PLACES.filter((place) => !right[place]).map((place) => NAMES[place])
  return {
    calipers: `The strip is ${say.length(strip)} thick: line ${meetingLine(scale, strip)} meets.`,
    thickness: `From ${say.length(Math.min(...thickness))} to ${say.length(Math.max(...thickness))}.`,
    kerf: `The beam takes ${say.fine(kerf)}. Readings come within two hundredths of it.`,
    compensation: `Half the kerf a side: ${say.fine(compensationFor(kerf))}. Then one of the two moves nothing.`,
    comb: `Snug at ${snug.map((step) => say.fine(step)).join(' and ')}.`,
    tabs: corners.map((panels, i) => `Corner ${i + 1}: ${panels}.`).join(' '),
    order: 'Words first, then window and holes either way, the outline last.',
    bend: `Along the grain, ${say.length(flat, 1)} long, ${rows[0]} to ${rows[rows.length - 1]} rows.`,
    setting: `From ${say.speed(speeds.from)} to ${say.speed(speeds.to)}.`,
    layout: 'Floor and both sides in one row, front and back above: the rest is at the right.',
    gluing: 'Floor, front, divider, back, left, right is one way.',
    result: `Wrong: ${wrong.join(' and ')}.`,
  }
}

/** Verniers to be read on paper, with what they show, mm. */
export function vernierTasks({ seed }: World, unit: LengthUnit): { scale: Scale; jaws: number }[] {
  const scale = scaleIn(unit)
  const random = randomFrom(seed * 71 + 33)
  return Array.from({ length: 6 }, () => {
    const marks = 1 + Math.floor(random() * 14)
    const line = 1 + Math.floor(random() * (scale.lines - 1))
    return { scale, jaws: marks * scale.division + line * stepOf(scale) }
  })
}
