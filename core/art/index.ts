export { BARE, faceWithin, isBare, joinFaces, mapFace, onFace, type Face, type Faces } from './face'
export { hatch } from './hatch'
export {
  drawingSchema,
  GROUP_USES,
  MOST_DRAWINGS,
  MOTIF_KINDS,
  motifSchema,
  type Drawing,
  type GroupUse,
  type Motif,
  type Words,
} from './motif'
export { ANCHORS, FACE_SIDES, placeFields, placing, POINTS, turning, type Place, type Side } from './place'
export { greysFrom, greysOf, pictureFrom, pictureRows, type Greys, type PlacedPicture } from './picture'
export { MOST_DOTS, MOST_PICTURES, pictureSchema, type Picture } from './picture-record'
export { pictureSize } from './picture-size'
export { readArtwork, readLines, type Artwork, type ArtRead } from './read'
export type { Flatten } from './read-svg'
export { linesRound, mapShapes, pointsOf, shapesOfMotif, type Shapes } from './shapes'
