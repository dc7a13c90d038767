import type { Panel } from '../assembly'
import type { Box } from '../box'
import { FACE_PANELS } from '../fittings'
import { area } from '../geometry'
import { counted, fixed, type Say } from '../length'
import { COAT, type Finish } from './finish'
import type { Glue } from './glue'
import { staysDry, type DryPlace } from './stays-dry'

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
  grooves: 'the grooves and slots that something slides in',
  slits: 'the slits of the bend: what hardens in them breaks it',
  runners: 'the runners and what slides on them',
  pins: 'the pins and their holes',
}

function sandingOf({ family, proud }: About, isSlit: boolean, say: Say): AfterStep {
  const slits = isSlit ? ' Sand along the slits, never across.' : ''
  if (family === 'acrylic')
    return { title: 'Take the film off', text: 'Peel the film off. Acrylic is not sanded.', wait: 0 }
  const ends =
    proud > 0
      ? `Sand the tab ends flush: they stand ${say.length(proud, 1)} proud. Grit 120, then 180, from the ` +
        'edges inward, so that no splinter lifts.'
      : 'Wipe the soot off, or sand it away lightly with grit 180; the dark tab ends may stay.'
  const wet = family === 'fibreboard' ? ' Wipe it dry: water raises fibreboard.' : ''
  return {
    title: 'Sand',
    text: `${ends}${slits}${wet} Take the sharp edges off with grit 240. Wear a dust mask.`,
    wait: 0,
  }
}

const HOW: Record<Finish['kind'], string> = {
  none: '',
  oil: 'Spread it, wait a quarter of an hour, wipe off what stands on the wood.',
  wax: 'Rub it in thinly and polish it.',
  varnish: 'Brush it thinly along the grain; sand lightly with grit 320 between coats.',
  paint: 'Brush or roll it thinly; sand lightly with grit 320 between coats.',
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
    title: 'Let it set',
    text: `Load and sand nothing for ${counted(glue.full, 'hour')}: the glue is at full strength then.`,
    wait: glue.full,
  }
  const steps = [set, sandingOf(about, isSlit, say)]
  if (finish.kind === 'none') return { steps, area: 0, grams: 0, hours: glue.full }
  const masked = dry.map(({ what }) => DRY_WORDS[what])
  if (masked.length > 0)
    steps.push({ title: 'Mask', text: `Tape over ${masked.join('; ')}. All of it stays bare.`, wait: 0 })
  const coated = coatedArea(panels, finish.inside)
  const grams = (coated / 1e6) * COAT[finish.kind]
  const between = finish.coats > 1 ? ` ${counted(finish.dry, 'hour')} from one coat to the next.` : ''
  const where = finish.inside ? 'inside and outside' : 'outside'
  const drying = (finish.coats - 1) * finish.dry
  steps.push({
    title: `${counted(finish.coats, 'coat')} of ${finish.kind}`,
    text:
      `${say.area(coated)} ${where}, about ${fixed(grams, 0)} g a coat. ${HOW[finish.kind]}${between}` +
      (family === 'other' ? ' Try it on an offcut first.' : ''),
    wait: drying,
  })
  steps.push({
    title: 'Let it harden',
    text: `Take the tape off. ${counted(finish.hard, 'hour')} after the last coat it may be used.`,
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
  if (family === 'acrylic') return 'Acrylic takes no finish: leave it as it is.'
  if (family === 'card' && kind !== 'wax') return 'Card warps when it gets wet: try it on a piece first.'
  return null
}
