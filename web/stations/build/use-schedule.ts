import { computed, type ComputedRef, type Ref } from 'vue'
import { buildSteps, runsIn, scheduleOf, SCHOOLS, type BuildStep, type Glue, type School } from '@core/build'
import type { Panel } from '@core/assembly'
import type { Box } from '@core/box'
import { minutesText } from '@core/length'
import { useSchedule as words } from './words'

/** The rounds of a build, and whether another way to go about it is quicker. */
export interface Plan extends ReturnType<typeof scheduleOf> {
  school: School
  says: string
  better: { school: School; says: string } | null
}

interface About {
  made: Box | null
  panels: Panel[] | null
  steps: BuildStep[]
  school: School
  glue: Glue
}

const total = ({ working, waiting }: ReturnType<typeof scheduleOf>): number => working + waiting

/** Another school with fewer rounds; null where this one has the fewest. */
function betterThan(now: ReturnType<typeof scheduleOf>, about: About): Plan['better'] {
  const { made, panels, glue } = about
  if (!made || !panels) return null
  const others = SCHOOLS.filter((school) => school !== about.school).flatMap((school) => {
    const steps = buildSteps(made, panels, school)
    return 'locked' in steps ? [] : [{ school, time: total(scheduleOf(steps, glue)) }]
  })
  const best = others.sort((a, b) => a.time - b.time).at(0)
  const saved = best ? total(now) - best.time : 0
  if (!best || saved < glue.hold / 2) return null
  return { school: best.school, says: words.lessSinceFewer(minutesText(saved)) }
}

export const useSchedule = (about: Ref<About>): ComputedRef<Plan> =>
  computed((): Plan => {
    const { steps, glue, school } = about.value
    const plan = scheduleOf(steps, glue)
    const held = plan.rounds.filter(({ isHeld }) => isHeld).length
    const how = runsIn(glue)
      ? words.putTogetherDry
      : held === 1
        ? words.roundGluingClosed
        : words.roundGluingEach(held)
    const says = held === 0 ? words.nothingGlued : how
    return { ...plan, school, says, better: betterThan(plan, about.value) }
  })
