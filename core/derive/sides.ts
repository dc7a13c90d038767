import { BARE, FACE_SIDES, type Face, type Faces, type Side } from '../art'

/** Nothing on either face. */
export const NOTHING: Faces = { outside: BARE, inside: BARE }

/** Something for each face. */
export const bySide = (make: (side: Side) => Face): Faces =>
  Object.fromEntries(FACE_SIDES.map((side) => [side, make(side)])) as Faces
