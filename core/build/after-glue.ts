import type { Panel } from '../assembly'
import type { Box } from '../box'
import { FACE_PANELS } from '../fittings'
import { area } from '../geometry'
import { fixed, type Say } from '../length'
import { COAT, type Finish } from './finish'
import type { Glue } from './glue'
import { staysDry, type DryPlace } from './stays-dry'
import { afterGlue as words } from './words'

/** What is done once the glue holds, and how long one waits after it, hours. */
interface AfterStep {
  title: string
  text: string
  wait: number
}

export interface AfterGlue {
  steps: AfterStep[]
  /** Faces that are coated, mm², and what all coats take, g; of one box. */
  area: number
  grams: number
  /** From the last clamp until it may be used, hours. */
  hours: number
}

interface About {
  glue: Glue
  finish: Finish
  /** Of the stock, and how far tab ends stand proud, mm. */
  family: string
  proud: number
}

const isShell = ({ id }: Panel): boolean => (FACE_PANELS as readonly string[]).includes(id)

/** The outside of walls, floor and top; inside, their other faces and both of all else. mm² */
function coatedArea(panels: Panel[], inside: boolean): number {
  const faces = (panel: Panel): number => (inside ? 2 : isShell(panel) ? 1 : 0)
  return panels.reduce((sum, panel) => sum + area(panel.region) * faces(panel), 0)
}

const DRY_WORDS: Record<DryPlace['what'], string> = {
  grooves: words.groovesSlotsSomething,
  slits: words.slitsBendHardens,
  runners: words.runnersSlidesThem,
  pins: words.pinsHoles,
}

function sandingOf({ family, proud }: About, isSlit: boolean, say: Say): AfterStep {
  if (family === 'acrylic') return { title: words.takeFilmOff, text: words.peelFilmOff, wait: 0 }
  const ends = proud > 0 ? words.sandTabEnds(say.length(proud, 1)) : words.wipeSootOff
  return {
    title: words.sand,
    text: words.sanding(ends, isSlit, family === 'fibreboard'),
    wait: 0,
  }
}

const HOW: Record<Finish['kind'], string> = {
  none: '',
  oil: words.spreadWaitQuarter,
  wax: words.rubThinlyPolish,
  varnish: words.brushThinlyAlong,
  paint: words.brushRollThinly,
}

/**
 * What is done to a box once its glue holds, in order, and when it is ready: sand, mask, coat. That one
 * finishes after the glue and masks hinges and grooves is common practice, no source; grits and amounts are
 * from memory.
 */
export function afterGlue(box: Box, panels: Panel[], about: About, say: Say): AfterGlue {
  const { glue, finish, family } = about
  const dry = staysDry(box)
  const isSlit = dry.some(({ what }) => what === 'slits')
  const set: AfterStep = {
    title: words.letSet,
    text: words.loadSandNothing(glue.full),
    wait: glue.full,
  }
  const steps = [set, sandingOf(about, isSlit, say)]
  if (finish.kind === 'none') return { steps, area: 0, grams: 0, hours: glue.full }
  const masked = dry.map(({ what }) => DRY_WORDS[what])
  if (masked.length > 0)
    steps.push({ title: words.mask, text: words.tapeOverAll(masked.join('; ')), wait: 0 })
  const coated = coatedArea(panels, finish.inside)
  const grams = (coated / 1e6) * COAT[finish.kind]
  const between = finish.coats > 1 ? finish.dry : null
  const where = finish.inside ? 'inside and outside' : 'outside'
  const drying = (finish.coats - 1) * finish.dry
  steps.push({
    title: words.coats(finish.coats, finish.kind),
    text: words.coating(
      say.area(coated),
      where,
      fixed(grams, 0),
      HOW[finish.kind],
      between,
      family === 'other',
    ),
    wait: drying,
  })
  steps.push({
    title: words.letHarden,
    text: words.takeTapeOff(finish.hard),
    wait: finish.hard,
  })
  return {
    steps,
    area: coated,
    grams: grams * finish.coats,
    hours: steps.reduce((sum, { wait }) => sum + wait, 0),
  }
}

/** What is said of a finish on this stock; null where it suits it. @param family of the stock */
export function finishDoubt({ kind }: Finish, family: string): string | null {
  if (kind === 'none') return null
  if (family === 'acrylic') return words.acrylicTakesNo
  if (family === 'card' && kind !== 'wax') return words.cardWarpsGets
  return null
}
