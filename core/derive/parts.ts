import type { Panel } from '../assembly'
import {
  bounds,
  isWithin,
  mapRegion,
  mirrorRegion,
  rectangle,
  shiftPoints,
  shiftRegion,
  turnPoints,
  type DrawnLine,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import { hatch, type Words } from '../art'
import { letterInto } from '../lettering'
import {
  allowedTurns,
  poseShift,
  shapeFor,
  type LayoutSettings,
  type NestPart,
  type Placement,
} from '../nest'
import { hasBridges, withBridges, type CutPath } from '../plan'
import { partPrefix, type Job } from '../job'
import type { DerivedBox } from './box'
import { BARE, facesOf, type Faces } from './faces'
import { seenBy, type Material } from './materials'
import { lettersOf, type Letter } from './letters'
import { fillLines } from './fill'
import { labelOn } from './label-place'
import { signatureOf } from './signature'
import { supplyFor, surfaceFor } from './supply'

/**
 * A part as it is cut lying one way: the compensated shape with its lower left corner at (0, 0), and in the
 * same coordinates the drawn shape and the label.
 */
export interface Lying {
  shape: Region
  /** What is written when the laser's software compensates. */
  drawn: Region
  marks: Point[][]
  /** Lines that fill its pockets, each in one go. */
  pockets: Point[][]
  /** Open lines that are cut through, for a bend. */
  slits: Point[][]
  /** Areas that are filled on the face that lies up, and lines that are followed on it. */
  engraved: Region[]
  scored: DrawnLine[]
}

/** A panel of one of the copies, ready to be laid out. */
export interface Part extends NestPart {
  panel: string
  /** The thing it is a part of, by id. */
  thing: string
  /** The stock it is cut from, by id. */
  material: string
  copy: number
  label: string
  /** Unturned, and turned by a quarter. */
  lies: [Lying, Lying]
}

/** Labels are no higher than this, mm, and leave this share of the panel's width free. */
const LABEL_HEIGHT = 7
const LABEL_SHARE = 0.6

/** Letters at the joints are this high, mm. */
const LETTER_HEIGHT = 4

type Outlines = Omit<Lying, 'marks'> & {
  letters: Letter[]
  /** Where no label may stand. */
  zones: Ring[]
}

/** What is on a panel beside its outline, on its own plane. */
type OnPanel = Pick<Outlines, 'pockets' | 'slits' | 'letters' | 'zones' | 'engraved' | 'scored'>

function outlinesOf(shape: Region, drawn: Region, on: OnPanel): Outlines {
  const { minX, minY } = bounds(shape.outline)
  const shift = (points: Point[]): Point[] => shiftPoints(points, -minX, -minY)
  return {
    shape: shiftRegion(shape, -minX, -minY),
    drawn: shiftRegion(drawn, -minX, -minY),
    pockets: on.pockets.map(shift),
    slits: on.slits.map(shift),
    zones: on.zones.map(shift),
    engraved: on.engraved.map((region) => shiftRegion(region, -minX, -minY)),
    scored: on.scored.map(({ points, closed }) => ({ points: shift(points), closed })),
    letters: on.letters.map(({ text, at }) => ({ text, at: shift([at])[0] })),
  }
}

/** The label near the middle of a part, clear of what is cut out of it, and a letter at every joint. */
function marksOf({ shape, letters, zones, engraved, scored }: Outlines, label: string): Point[][] {
  const { maxX, maxY } = bounds(shape.outline)
  const taken = [...zones, ...engraved.map(({ outline }) => outline), ...scored.map(({ points }) => points)]
  const open = taken.length > 0 ? { ...shape, holes: [...shape.holes, ...taken] } : shape
  const own = labelOn(open, label, maxX * LABEL_SHARE, Math.min(LABEL_HEIGHT, maxY / 4))
  return [
    ...own,
    ...letters.flatMap(({ text, at }) => letterInto(text, at, 2 * LETTER_HEIGHT, LETTER_HEIGHT)),
  ]
}

const mirrored = ({ text, at }: Letter): Letter => ({ text, at: { x: -at.x, y: at.y } })

export type Panelled = Pick<DerivedBox, 'panels' | 'pieces' | 'cuts' | 'material' | 'made' | 'joined'>

const flipped = (points: Point[]): Point[] => points.map(({ x, y }) => ({ x: -x, y }))

/** What is on a panel, seen from the face that lies up. */
function onPanel(
  panel: Panel,
  { joined, material }: Panelled,
  letters: Letter[],
  isFlipped: boolean,
  faces: Faces,
): OnPanel {
  const bent = joined?.piece.id === panel.id ? joined : null
  const { compensation } = material.get(panel.id)!
  const on: OnPanel = {
    letters,
    pockets: panel.features.flatMap(({ depth, shape }) =>
      depth === null ? [] : [fillLines(shape, compensation.x)],
    ),
    slits: bent?.slits ?? [],
    // What is on the outside is cut with the outside up.
    ...(isFlipped ? BARE : (faces.get(panel.id) ?? BARE)),
    zones: (bent?.zones ?? []).map(({ from, low, zone }) =>
      rectangle(from, low, from + zone.flat, low + zone.long),
    ),
  }
  if (!isFlipped) return on
  return {
    letters: letters.map(mirrored),
    pockets: on.pockets.map(flipped),
    slits: on.slits.map(flipped),
    zones: on.zones.map(flipped),
    ...BARE,
  }
}

/** What is laid out of a panel, lying as it is and turned by a quarter, with the wanted face up. */
function lyingOf(
  panel: Panel,
  box: Panelled,
  letters: Letter[],
  face: Job['cut']['face'],
  faces: Faces,
): Outlines[] {
  const [unturned, turned] = box.cuts.get(panel.id)!
  const isFlipped = face === 'inside'
  const up = isFlipped ? mirrorRegion : (region: Region): Region => region
  const on = onPanel(panel, box, letters, isFlipped, faces)
  const first = outlinesOf(up(unturned), up(panel.drawn), on)
  return [first, turned === unturned ? first : outlinesOf(up(turned), up(panel.drawn), on)]
}

/** Letters of a piece: a bent sheet has those of all its panels. */
function lettersFor(panel: Panel, { joined }: Panelled, lettered: Map<string, Letter[]>): Letter[] {
  if (joined?.piece.id !== panel.id) return lettered.get(panel.id) ?? []
  return joined.faces.flatMap(({ panel: name, onto, within }) =>
    (lettered.get(name) ?? [])
      .filter(({ at }) => !within || isWithin(at, within))
      .map(({ text, at }) => ({ text, at: onto(at) })),
  )
}

/** How a bent sheet must lie for its slits, which run along its y, to lie to the grain as they should. */
function grainOf(panel: Panel, { joined, made, material }: Panelled): Pick<NestPart, 'grain'> {
  const wanted = made?.spec.bends.grain ?? 'any'
  const runs = material.get(panel.id)?.stock?.grain ?? 'none'
  if (joined?.piece.id !== panel.id || wanted === 'any' || runs === 'none') return {}
  return { grain: (wanted === 'along') === (runs === 'width') ? 'across' : 'along' }
}

/** Whose parts they are: the thing, and how its parts are told from those of others. */
export interface Owner {
  thing: string
  /** Its name, where a job makes several things. */
  name: string
  copies: number
}

/** The parts of all copies. They keep their identity when copies are added or taken away. */
export function makeParts(
  box: Panelled,
  { thing, name, copies }: Owner,
  { letters, face }: Pick<Job['cut'], 'letters' | 'face'>,
  words?: Words,
): Part[] {
  const faces = facesOf(box, words)
  const lettered =
    letters && box.made ? lettersOf(box.made.assembly, box.panels ?? []) : new Map<string, Letter[]>()
  return box.pieces.flatMap((panel) => {
    const [first, quarter] = lyingOf(panel, box, lettersFor(panel, box, lettered), face, faces)
    const { id } = box.material.get(panel.id) as Material
    return Array.from({ length: copies }, (_, i): Part => {
      const own = name === '' ? panel.label : `${name} ${panel.label}`
      const label = copies === 1 ? own : `${own} ${i + 1}`
      return {
        id: `${partPrefix(thing)}${panel.id}-${i + 1}`,
        panel: panel.id,
        thing,
        material: id,
        copy: i,
        label,
        shape: first.shape,
        turnedShape: quarter.shape,
        ...grainOf(panel, box),
        lies: [
          { ...first, marks: marksOf(first, label) },
          { ...quarter, marks: marksOf(quarter, label) },
        ],
      }
    })
  })
}

/**
 * A job's layout settings with the grain as it runs in its stock: where the stock has none (or nobody said)
 * panels may lie any way.
 */
export function layoutRules({
  measure: { stock },
  layout: { settings },
}: Pick<Job, 'measure' | 'layout'>): LayoutSettings {
  const runs = stock?.grain ?? 'none'
  if (runs === 'none') return { ...settings, grain: 'free' }
  const turned = { free: 'free', along: 'across', across: 'along' } as const
  return { ...settings, grain: runs === 'height' ? turned[settings.grain] : settings.grain }
}

/**
 * All that the shapes of parts come to, for a signature; copies share their shapes, and these are there
 * once.
 */
export function shapesOf(parts: Part[]): unknown {
  const shapes = [...new Set(parts.flatMap(({ shape, turnedShape }) => [shape, turnedShape]))]
  const index = new Map(shapes.map((shape, i) => [shape, i]))
  return [
    shapes,
    parts.map(({ id, shape, turnedShape, grain }) => [
      id,
      index.get(shape),
      index.get(turnedShape),
      ...(grain ? [grain] : []),
    ]),
  ]
}

/** Parts by the stock they are cut from, the job's own first. */
export function partsByMaterial(
  parts: Part[],
  job: Pick<Job, 'measure'>,
): { material: string; parts: Part[] }[] {
  const ids = [job.measure.stock?.id ?? '', ...job.measure.more.map(({ stock }) => stock.id)]
  return ids
    .map((material) => ({ material, parts: parts.filter((part) => part.material === material) }))
    .filter((group, i) => i === 0 || group.parts.length > 0)
}

/** Tells whether a layout was made for these parts and these settings, on the sheets of every stock. */
export function layoutSignature(parts: Part[], job: Pick<Job, 'measure' | 'layout'>): string {
  const sheets = partsByMaterial(parts, job).map(({ material, parts: own }) => {
    const seen = seenBy(job, material)
    const rules = layoutRules(seen)
    const { margin, gap, sheets } = rules
    const { width, height, loads } = surfaceFor(seen)
    const offcuts = supplyFor(seen).filter(({ offcut }) => offcut !== null)
    const all = [shapesOf(own), margin, gap, sheets, { width, height, loads }, allowedTurns(rules)]
    return offcuts.length > 0 ? [...all, offcuts] : all
  })
  return signatureOf(sheets.length === 1 ? sheets[0] : sheets)
}

/** How lines of a part are taken to where the part lies on its sheet. */
export function ontoSheet(part: Part, placement: Placement): (points: Point[]) => Point[] {
  const { turn, x, y } = placement
  const { dx, dy } = poseShift(shapeFor(part, turn), turn)
  return (points) => shiftPoints(turnPoints(points, turn), dx + x, dy + y)
}

/**
 * The lines of a placed part, as they are written into the file. @param from lower left corner of the load,
 * mm
 */
export function pathsOf(
  part: Part,
  placement: Placement,
  cut: Job['cut'] & Pick<Job['tune'], 'interval'> & { beam: number },
  from: { x: number; y: number },
): CutPath[] {
  const { shape, drawn, marks, pockets, slits, engraved, scored } =
    part.lies[placement.turn % 180 === 0 ? 0 : 1]
  const { outline, holes } = cut.compensation === 'paths' ? shape : drawn
  const onto = ontoSheet(part, placement)
  const place = (points: Point[]): Point[] => shiftPoints(onto(points), -from.x, -from.y)
  const path = (operation: CutPath['operation'], points: Point[], closed: boolean): CutPath => ({
    operation,
    part: part.id,
    points: place(points),
    closed,
  })
  // Rows run along the sheet's width, however the part lies.
  const rows = hatch(
    engraved.map((region) => mapRegion(region, place)),
    cut.interval,
  )
  // A line that is left open cannot be set off to one side by the laser's software.
  const isBridged = cut.compensation === 'paths' && hasBridges(outline, cut.bridges)
  const whole = path('outline', outline, true)
  const outlines = isBridged ? withBridges(whole, cut.bridges, cut.beam) : [whole]
  const all: CutPath[] = [
    ...rows.map((points): CutPath => ({ operation: 'engrave', part: part.id, points, closed: false })),
    ...pockets.map((points) => path('pocket', points, false)),
    ...(cut.labels ? marks.map((points) => path('score', points, false)) : []),
    ...scored.map(({ points, closed }) => path('score', points, closed)),
    ...slits.map((points) => path('inside', points, false)),
    ...holes.map((points) => path('inside', points, true)),
    ...outlines,
  ]
  return all.filter(({ operation }) => !cut.off.includes(operation))
}
