import type { Fault, Group } from '../assembly'
import type { DerivedBox } from '../derive'
import type { SeamFault, Useless, Warning } from '../derive'
import { counted, type Say } from '../length'

const and = (names: string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`

/** The first few names, and how many more there are. */
function listed(names: string[], most = 3): string {
  const rest = names.length - most
  return rest > 0 ? `${names.slice(0, most).join(', ')} and ${rest} more` : and(names)
}

type Named = Pick<DerivedBox, 'panels' | 'pieces'>

const namesOf = (ids: string[], { panels, pieces }: Named): string => {
  const known = [...pieces, ...(panels ?? [])]
  return listed(ids.map((id) => known.find((panel) => panel.id === id)?.label ?? id))
}

/** What a proof found wrong, as one sentence that says what would mend it. */
export function faultSentence({ kind, panels }: Pick<Fault, 'kind' | 'panels'>, box: Named): string {
  const names = namesOf(panels, box)
  switch (kind) {
    case 'overlap':
      return `${names} would be in the same place. Move one of them, or make it smaller.`
    case 'missing':
      return `Part of the ${names} is missing at a joint: two cut-outs meet there. Move one of them.`
    case 'stuck':
      return `The ${names} does not come out. Change how it is held, or what stands in its way.`
  }
}

/** Engravings by their number in Shape. */
const engravingWords = (engravings: number[]): string =>
  `${engravings.length === 1 ? 'Engraving' : 'Engravings'} ${and(engravings.map((each) => String(each + 1)))}`

/** Engravings that lie partly over notches or openings. */
export const cutAwaySentence = (engravings: number[], names: string): string =>
  `Part of ${engravingWords(engravings).toLowerCase()} on the ${names} is cut away by notches or openings. ` +
  'Move it, or make it smaller.'

/** Engravings that leave their panel. */
export function overEdgeSentence(engravings: number[], names: string): string {
  return (
    `${engravingWords(engravings)} on the ${names} would burn beyond its ` +
    'edge. Move it, make it smaller, or say in Shape that it may run over.'
  )
}

/** Why a box cannot be used as it was meant, and what would mend it. @param nameOf a panel by its place */
function uselessSentence(kind: Useless['kind'], nameOf: (i: number) => string): string {
  switch (kind) {
    case 'shut in':
      return `${nameOf(0)} cannot be drawn out: ${nameOf(1)} is in the way.`
    case 'closed':
      return (
        `The ${nameOf(1)} closes an opening of the ${nameOf(0)}. ` +
        'Put the same opening into it, or move it.'
      )
    case 'no room for fingers':
      return (
        `Fingers have no room at the grip of the ${nameOf(0)}: the ${nameOf(1)} stands behind it. ` +
        'Move one of them.'
      )
    case 'no grip':
      return 'The lid lies flush and has nothing to grip it by. Give it a notch, a hole or an opening.'
    case 'no corner free':
      return 'No corner is free of joints: taking them off changes nothing. Remove it, or make it smaller.'
    case 'does not go in':
      return (
        'What has to go in is larger than what is free inside. Make the box the size for it, or leave less ' +
        'room round it.'
      )
  }
}

/** Why a panel cannot be divided where the maker has it. @param label of the panel */
export function seamSentence(fault: SeamFault, label: string, say: Say): string {
  switch (fault.why) {
    case 'close':
      return (
        `The seam of the ${label} at ${say.short(fault.at)} has too little beside it: keep ` +
        `${say.length(fault.least, 0)} to its ends and to the next seam.`
      )
    case 'large':
      return (
        `The ${fault.piece} would be ${say.length(fault.length, 0)} long, more than the bed takes. ` +
        'Move the seam.'
      )
    case 'apart':
      return `The ${label} would fall apart at its seam: something is cut out there. Move the seam.`
  }
}

/** The same, and how the panel is cut until then. */
function seamWarning(
  { fault, isDivided }: Extract<Warning, { kind: 'seam' }>,
  label: string,
  say: Say,
): string {
  const evenly = isDivided ? ' Until then it is divided evenly.' : ''
  return `${seamSentence(fault, label, say)}${evenly}`
}

/** A warning as one sentence that says what would mend it. */
export function warningSentence(
  warning: Warning,
  { panels, pieces, joined }: Pick<DerivedBox, 'panels' | 'pieces' | 'joined'>,
  say: Say,
): string {
  const box = { panels, pieces }
  const names = namesOf(warning.panels, box)
  const nameOf = (i: number): string => namesOf([warning.panels[i]], box)
  switch (warning.kind) {
    case 'overlap':
    case 'missing':
    case 'stuck':
      return faultSentence(warning, { panels, pieces })
    case 'locked':
      return `${names} lock each other: none of them can come in last. Change how one of them is joined.`
    case 'falls':
      return (
        `As the box stands in use the ${warning.group} ${warning.out ? 'falls out' : 'opens'} by its own ` +
        'weight. Let it stand another way, or hold the lid in another way.'
      )
    case 'thin web':
      return (
        `A web thinner than the sheet (${say.length(warning.thickness)}) is left in ${names}: ` +
        'it may break.'
      )
    case 'narrow tab':
      return (
        `The narrowest tab is ${say.length(warning.width)}, under one thickness: it may break while ` +
        'sanding or pressing.'
      )
    case 'opening':
      if (warning.reaches === 'over its panel') return overEdgeSentence(warning.engravings, names)
      if (warning.reaches === 'what is cut away') return cutAwaySentence(warning.engravings, names)
      if (warning.reaches === 'another panel')
        return `What is engraved on the ${names} is hidden where another panel stands on it. Move it.`
      if (warning.reaches === 'nothing')
        return (
          `What artwork cuts out of the ${names} has pieces inside that fall out. Engrave it, or draw ` +
          'bridges that hold them.'
        )
      return (
        `An opening in the ${names} comes nearer to ${warning.reaches} than the sheet is thick ` +
        `(${say.length(warning.thickness)}). Move it, or make it smaller.`
      )
    case 'shut in':
    case 'closed':
    case 'no room for fingers':
    case 'no grip':
    case 'no corner free':
    case 'does not go in':
      return uselessSentence(warning.kind, nameOf)
    case 'crowded':
      return (
        `What stands in row ${and(warning.rows.map(String))} would touch where it is widest. ` +
        'Make the stand larger, or stand fewer in it.'
      )
    case 'seam':
      return seamWarning(warning, names, say)
    case 'larger than the bed': {
      const isBent = warning.panels.some((id) => id === joined?.piece.id)
      const mend = isBent
        ? 'A sheet that bends cannot be divided: make the box smaller, or bend fewer of its panels.'
        : 'Let large panels be divided by a seam, or make the box smaller.'
      return (
        `${names} ${warning.panels.length === 1 ? 'is' : 'are'} larger than the bed ` +
        `(${say.size(warning.bed, 0)} free). ${mend}`
      )
    }
  }
}

const motionWords = (group: Group): string => {
  if (group.motion !== 'slide') return 'opens'
  return group.strikes ? 'opens and stays in' : 'comes out'
}

/** What the proof says of a box, in one line. */
export function proofLine(box: Named & Pick<DerivedBox, 'proof' | 'made'>): string {
  const { proof, made } = box
  if (!proof) return ''
  const parts = counted(proof.panels, 'part')
  const moving = (made?.assembly.groups ?? [])
    .map((group) => `, the ${group.id} ${motionWords(group)}`)
    .join('')
  const [fault] = proof.faults
  if (!fault) return `${parts}, nothing overlaps, nothing missing${moving}`
  return `${parts}. ${faultSentence(fault, box)}`
}
