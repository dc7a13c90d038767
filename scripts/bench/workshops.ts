import { WORLD_NAMES } from '../../core/rehearse'
import { figuresIn } from '../testing/workshops'
import { tunedMakers } from '../testing/needs'

const MAKERS = 60

const per = (share: number): string => `${Math.round(share * 100)} %`

/** How far stated intervals and promises hold, in workshops that the belief was not built for. */
export function benchWorkshops(): void {
  console.log(
    `\nBelief: ${MAKERS} makers in each workshop; copies 1 to 4, each logged by a word and three plays`,
  )
  const held = [0, 0, 0, 0]
  for (const world of WORLD_NAMES) {
    const all = figuresIn(world, MAKERS, { copies: 4, checked: false, plays: true })
    for (const [i, share] of all.held.entries()) held[i] += share / WORLD_NAMES.length
    const promised = all.promised.map(({ count, came }) => (count > 0 ? `${per(came)} of ${count}` : 'none'))
    console.log(
      `${world.padEnd(24)}intervals of 95 % held ${all.held.map(per).join(', ')}; over 95 % came ` +
        `${promised.join(', ')}; off by ${all.off.map((off) => off.toFixed(3)).join(', ')} mm`,
    )
  }
  console.log(`${'their mix'.padEnd(24)}intervals of 95 % held ${held.map(per).join(', ')}`)
  const checked = figuresIn('plain', MAKERS, { copies: 1, checked: true, plays: false })
  console.log(`plain, doubts ruled out: the interval is ${checked.width.toFixed(1)} of the readings’ own`)
  for (const world of ['wide', 'narrow'] as const) {
    const { held: need, sure } = tunedMakers(world, MAKERS, 4)
    console.log(
      `need, ${world}: intervals of 90 % held ${need.map(per).join(', ')} after 0 to 4 tests; ` +
        `what was 90 % sure went through ${sure.map(per).join(', ')}`,
    )
  }
}
