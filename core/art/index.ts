export {
  BARE,
  FACE_SIDES,
  faceWithin,
  isBare,
  joinFaces,
  mapFace,
  onFace,
  type Face,
  type Faces,
  type Side,
} from './face'
export { hatch } from './hatch'
export {
  drawingSchema,
  GROUP_USES,
  MOST_DRAWINGS,
  MOST_POINTS,
  MOTIF_KINDS,
  motifSchema,
  type Drawing,
  type GroupUse,
  type Motif,
  type Words,
} from './motif'
export { ANCHORS, placeFields, placing, type Anchor, type Place } from './place'
export {
  greysFrom,
  greysOf,
  MOST_DOTS,
  MOST_PICTURES,
  movePicture,
  pictureFrom,
  pictureRows,
  pictureSchema,
  type Greys,
  type Picture,
  type PlacedPicture,
} from './picture'
export { pictureSize } from './picture-size'
export { readArtwork, readLines, type ArtRead, type Artwork } from './read'
export { frameOf, linesRound, mapShapes, pointsOf, shapesOfMotif, type Kept, type Shapes } from './shapes'
