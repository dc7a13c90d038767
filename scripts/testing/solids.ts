import initManifold, { type Manifold, type ManifoldToplevel } from 'manifold-3d'
import type { Block } from '../../core/assembly'
import { ringsOf, type Matrix4, type Region } from '../../core/geometry'

/** A flat thing to be set up as a solid: a panel, or something cut out of one. */
export interface Flat {
  region: Region
  frame: Matrix4
  thickness: number
}

/** The solid-geometry library manifold-3d, ready for use: none of our own geometry is trusted with it. */
export async function solidLibrary(): Promise<{
  library: ManifoldToplevel
  solidOf: (flat: Flat, pockets?: { shape: Region; depth: number }[]) => Manifold
  blockOf: (block: Block) => Manifold
}> {
  const library = await initManifold()
  library.setup()
  const extrude = (region: Region, depth: number): Manifold =>
    new library.CrossSection(
      ringsOf(region).map((ring) => ring.map(({ x, y }): [number, number] => [x, y])),
      'NonZero',
    ).extrude(depth)
  /** @param pockets from the inside face */
  const solidOf = (flat: Flat, pockets: { shape: Region; depth: number }[] = []): Manifold => {
    const whole = extrude(flat.region, flat.thickness)
    const cut =
      pockets.length === 0
        ? whole
        : library.Manifold.difference([whole, ...pockets.map(({ shape, depth }) => extrude(shape, depth))])
    const m = flat.frame
    const columns = [0, 1, 2, 3].flatMap((column) => [0, 4, 8, 12].map((row) => m[row + column]))
    return cut.transform(columns as Parameters<Manifold['transform']>[0])
  }
  const blockOf = ({ min, max }: Block): Manifold =>
    library.Manifold.cube([max.x - min.x, max.y - min.y, max.z - min.z]).translate([min.x, min.y, min.z])
  return { library, solidOf, blockOf }
}

export type Vector = [number, number, number]

/** A solid with the library's own bounding box. */
export interface Boxed {
  solid: Manifold
  min: Vector
  max: Vector
}
export const boxed = (solid: Manifold): Boxed => {
  const { min, max } = solid.boundingBox()
  return { solid, min: [...min], max: [...max] }
}

/** Whether two solids cannot share space, by their boxes. @param by how far the first one is moved */
export const isApart = (a: Boxed, b: Boxed, by: Vector = [0, 0, 0]): boolean =>
  [0, 1, 2].some((i) => a.max[i] + by[i] <= b.min[i] || b.max[i] <= a.min[i] + by[i])
