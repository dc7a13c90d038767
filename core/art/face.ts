import {
  intersection,
  linesWithin,
  moveRegion,
  type DrawnLine,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import { movePicture, type PlacedPicture } from './picture'
import type { Side } from './place'
import { frameOf } from './shapes'

/** What is burnt into one face of a panel, on the panel's own plane as it is seen from outside. */
export interface Face {
  /** Areas that are filled. */
  engraved: Region[]
  /** Lines that are followed. */
  scored: DrawnLine[]
  /** Areas that are sunk, so deep, mm. */
  pockets: { area: Region; depth: number }[]
  pictures: PlacedPicture[]
  /** What is done by an operation of the maker's own, by its id. */
  own: { by: string; areas: Region[]; lines: DrawnLine[] }[]
}

/** Both faces of a panel. */
export type Faces = Record<Side, Face>

/** Nothing. */
export const BARE: Face = { engraved: [], scored: [], pockets: [], pictures: [], own: [] }

export const isBare = (face: Face): boolean =>
  Object.values(face).every((each: unknown[]) => each.length === 0)

/** Several faces as one. */
export const joinFaces = (all: Face[]): Face => ({
  engraved: all.flatMap(({ engraved }) => engraved),
  scored: all.flatMap(({ scored }) => scored),
  pockets: all.flatMap(({ pockets }) => pockets),
  pictures: all.flatMap(({ pictures }) => pictures),
  own: all.flatMap(({ own }) => own),
})

/** What is on a face, taken onto another plane; mirrored, regions still run counter-clockwise. */
export function mapFace(face: Face, onto: (point: Point) => Point): Face {
  const region = (each: Region): Region => moveRegion(each, onto)
  const line = ({ points, closed }: DrawnLine): DrawnLine => ({ points: points.map(onto), closed })
  return {
    engraved: face.engraved.map(region),
    scored: face.scored.map(line),
    pockets: face.pockets.map(({ area, depth }) => ({ area: region(area), depth })),
    pictures: face.pictures.map((picture) => movePicture(picture, onto)),
    own: face.own.map(({ by, areas, lines }) => ({ by, areas: areas.map(region), lines: lines.map(line) })),
  }
}

/** What of a face is on a part of its panel. */
export function faceWithin(face: Face, within: Ring): Face {
  const inside = (regions: Region[]): Region[] => regions.flatMap((region) => intersection(region, within))
  return {
    engraved: inside(face.engraved),
    scored: linesWithin(face.scored, within),
    pockets: face.pockets.flatMap(({ area, depth }) => inside([area]).map((part) => ({ area: part, depth }))),
    pictures: face.pictures
      .filter(({ corners }) => inside([frameOf(corners)]).length > 0)
      .map((picture) => ({ ...picture, within })),
    own: face.own.map(({ by, areas, lines }) => ({
      by,
      areas: inside(areas),
      lines: linesWithin(lines, within),
    })),
  }
}

/** All areas that something is done to on a face, and all lines. */
export const onFace = (face: Face): { areas: Region[]; lines: DrawnLine[] } => ({
  areas: [
    ...face.engraved,
    ...face.pockets.map(({ area }) => area),
    ...face.pictures.map(({ corners }) => frameOf(corners)),
    ...face.own.flatMap(({ areas }) => areas),
  ],
  lines: [...face.scored, ...face.own.flatMap(({ lines }) => lines)],
})
