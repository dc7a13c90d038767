import { prove, resolve, type BrokenPanel, type Panel, type Proof, type Size } from '../assembly'
import { boxSizes, chainOf, jointProblems, makeBox, specProblems, type Box, type SpecProblem } from '../box'
import type { Compensations } from '../fit'
import type { Region } from '../geometry'
import type { Kerf } from '../kerf'
import type { Job } from '../job'
import type { Thickness } from '../stock'
import { cutShapes, type CutShapes } from './cut-shapes'
import { onPiece, together, withFaces } from './faces'
import { joinedOf, type Joined } from './joined'
import { materialFor, materialsOf, thicknessesOf, type Material } from './materials'
import { stripsOf } from './strips'
import { bedRoom, dividedAxis, fitsBed, inPieces, seamFaults, type Divided, type Oversize } from './seams'

/**
 * All that follows from Measure and Shape. `made` and `panels` are null when the box cannot be made;
 * `problems` says why. Thickness, kerf and compensation are those of the job's own stock.
 */
export interface DerivedBox {
  materials: Material[]
  thickness: Thickness
  kerf: Kerf
  compensation: Compensations
  sizes: { outer: Size; inner: Size }
  problems: SpecProblem[]
  made: Box | null
  panels: Panel[] | null
  /** What is cut: panels, those that are larger than the bed in pieces. */
  pieces: Panel[]
  /** Panels that were divided to fit the bed. */
  divided: Divided[]
  /** Panels that are to be divided: as they are cut, and why not where the maker has it. */
  oversize: Oversize[]
  /** Panels that are one bent sheet. */
  joined: Joined | null
  /** Why the panels hold together as drawn, or what is wrong with them: worked out when first asked for. */
  readonly proof: Proof | null
  cuts: Map<string, CutShapes>
  /** The stock of each panel. */
  material: Map<string, Material>
}

/** Shares smaller than this cannot be cut apart from their neighbours, mm: a few kerfs. [FM] */
const LEAST_SHARE = 0.8

/** What must be left of a tab, or open in a notch, once kerf and interference are taken off, mm. [FM] */
const LEAST_LEFT = 0.3

/**
 * A notch narrower than the kerf would close in the compensated path, and a tab that narrow would burn away.
 * mm
 */
const leastShare = (kerf: Kerf, interference: number): number =>
  Math.max(
    LEAST_SHARE,
    Math.max(kerf.width, kerf.by.x.width, kerf.by.y.width) + Math.abs(interference) + LEAST_LEFT,
  )

const apart = ({ name, pieces }: BrokenPanel): SpecProblem => ({
  kind: 'apart',
  field: 'interference',
  panel: name,
  pieces,
})

/** What was proven of the panels, and of those that are cut in pieces. */
const provenWith = (proof: Proof, divided: Divided[]): Proof => ({
  ...proof,
  faults: [...proof.faults, ...divided.flatMap(seamFaults)],
})

/** Kept free along the bed where a panel is divided to fit it, mm. [FM] */
const BED_MARGIN = 5

type BoxInput = Pick<Job, 'measure' | 'box' | 'interference'> & { cut: Pick<Job['cut'], 'compensation'> }

/** A panel, what it is cut as, and from which stock. */
interface Cut {
  panel: Panel
  pieces: Panel[]
  from: Material
}

/** Which panels are cut in several pieces, and the stock of each panel and piece. */
const sorted = (groups: Cut[]): Pick<DerivedBox, 'divided' | 'material'> => ({
  divided: groups.flatMap(({ panel, pieces }): Divided[] =>
    pieces.length > 1 ? [{ panel, axis: dividedAxis(panel), pieces }] : [],
  ),
  material: new Map(
    groups.flatMap(({ panel, pieces, from }) => [panel, ...pieces].map(({ id }) => [id, from] as const)),
  ),
})

/** What the laser follows: panels of one shape and one stock are cut along one path. */
function cutsOf(
  pieces: Panel[],
  materials: Material[],
  material: DerivedBox['material'],
): (ReturnType<typeof cutShapes> & { name: string })[] {
  const known = new Map(materials.map((each) => [each, new Map<Region, ReturnType<typeof cutShapes>>()]))
  return pieces.map((piece) => {
    const from = material.get(piece.id)!
    const own = known.get(from)!
    const cut = own.get(piece.drawn) ?? cutShapes(piece, from.compensation)
    own.set(piece.drawn, cut)
    return { ...cut, name: piece.id }
  })
}

/** Least width of a share of a box cut from these, mm. */
export const leastNeeded = (materials: Material[], interference: number): number =>
  Math.max(...materials.map((each) => leastShare(each.kerf, interference)))

/** Works out thickness, kerf, sizes and panels of a job. Lengths in mm. */
export function deriveBox({ measure, box, interference, cut }: BoxInput): DerivedBox {
  const materials = materialsOf(measure, cut.compensation)
  const [{ thickness, kerf, compensation }] = materials
  const thicknesses = thicknessesOf(box.stocks, materials)
  const base = { materials, thickness, kerf, compensation, sizes: boxSizes(box, thicknesses.mean) }
  const refused = (problems: SpecProblem[]): DerivedBox => ({
    ...base,
    problems,
    made: null,
    panels: null,
    pieces: [],
    divided: [],
    oversize: [],
    joined: null,
    proof: null,
    cuts: new Map(),
    material: new Map(),
  })
  const needed = leastNeeded(materials, interference)
  const problems = specProblems(box, thicknesses.mean, needed)
  if (problems.length > 0) return refused(problems)
  const made = makeBox(box, thicknesses)
  const wrong = jointProblems(made, needed)
  if (wrong.length > 0) return refused(wrong)
  const { panels: bare, broken } = resolve(made.assembly, { proud: box.proud, interference })
  const panels = withFaces(bare, box)
  if (broken.length > 0) return refused(broken.map(apart))
  const bed = box.seams.divides && measure.machine ? bedRoom(measure.machine, BED_MARGIN) : null
  const chain = chainOf(box)
  const { kerf: along } = materialFor(chain[0] ?? '', box.stocks, materials)
  const joined = joinedOf(box, panels, along.width, interference)
  if (chain.length > 0 && !joined) return refused([apart({ name: chain[0], pieces: 2 })])
  if (joined && box.engravings.length > 0)
    joined.piece.faces = together(joined, (name) => panels.find(({ id }) => id === name)?.faces)
  const isBent = (id: string): boolean => joined?.panels.some((name) => name === id) ?? false
  const strips = stripsOf(made, panels)
  const torn = strips.find(({ piece }) => piece === null)
  if (torn) return refused([apart({ name: torn.label, pieces: 2 })])
  const oversize: Oversize[] = []
  const groups = panels.map((panel) => ({
    from: materialFor(panel.id, box.stocks, materials),
    pieces: piecesOf(panel),
    panel,
  }))
  /** What a panel is cut as: a bent sheet comes with the first of its panels. */
  function piecesOf(panel: Panel): Panel[] {
    const strip = strips.find(({ parts }) => parts.includes(panel.id))
    if (strip) return strip.parts[0] === panel.id ? [strip.piece!] : []
    if (isBent(panel.id)) return joined!.panels[0] === panel.id ? [joined!.piece] : []
    if (!bed || fitsBed(panel.size, bed)) return [panel]
    const cut = inPieces(panel, box.seams, panels.indexOf(panel), bed, interference)
    oversize.push(cut)
    const { faces } = panel
    if (!faces || cut.pieces.length === 1) return cut.pieces
    return cut.pieces.map((piece) => ({ ...piece, faces: onPiece(faces, piece) }))
  }
  const pieces = groups.flatMap((group) => group.pieces)
  const { divided, material } = sorted(groups)
  const cuts = cutsOf(pieces, materials, material)
  const split = cuts.filter(({ shapes }) => shapes === null)
  if (split.length > 0) return refused(split.map(apart))
  let proof: Proof | null = null
  return {
    ...base,
    problems: [],
    made,
    panels,
    pieces,
    divided,
    oversize,
    joined,
    get proof(): Proof {
      return (proof ??= provenWith(prove(made.assembly, panels), divided))
    },
    cuts: new Map(cuts.map(({ name, shapes }) => [name, shapes!])),
    material,
  }
}
