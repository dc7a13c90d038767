import type { Box } from '../box'

type Standing = Pick<Box, 'assembly'>

/** A place that glue and varnish are kept out of, and the parts that it is on, by their ids. */
export interface DryPlace {
  what: 'grooves' | 'slits' | 'runners' | 'pins'
  parts: string[]
}

/** Glued on, and slid on afterwards. */
const slidOn = (id: string): boolean => /^(runner|rail)/.test(id)

/** Everything on a box that must stay free of glue and varnish: what moves, and what bends. */
export function staysDry(box: Standing): DryPlace[] {
  const { parts, joints, sheets, strips, groups } = box.assembly
  const moving = joints.filter(({ between }) => between !== 'glue')
  const places: DryPlace[] = [
    { what: 'grooves', parts: moving.flatMap((joint) => joint.parts) },
    { what: 'slits', parts: [...sheets.flat(), ...strips.map(({ id }) => id)] },
    { what: 'runners', parts: parts.map(({ id }) => id).filter(slidOn) },
    { what: 'pins', parts: groups.flatMap((group) => (group.motion === 'hinge' ? group.parts : [])) },
  ]
  return places
    .map(({ what, parts: own }) => ({ what, parts: [...new Set(own)] }))
    .filter((place) => place.parts.length > 0)
}
