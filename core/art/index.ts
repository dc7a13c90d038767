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
export { readArtwork, readLines, type ArtRead, type Artwork } from './read'
export { linesRound, mapShapes, pointsOf, shapesOfMotif, type Shapes } from './shapes'
