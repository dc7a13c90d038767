import type { Panel } from '../assembly'
import type { Words } from '../art'
import { isWithin } from '../geometry'
import { kerfOf } from '../kerf'
import { allowedTurns, type LayoutSettings, type NestPart } from '../nest'
import { partPrefix, type Job } from '../job'
import type { DerivedBox } from './box'
import { facesOf } from './faces'
import { inlaysOf } from './inlays'
import { lyingOf, marksUp, type Lying, type Outlines } from './lying'
import { jobForStock, type Material } from './materials'
import { lettersOf, type Letter } from './letters'
import { signatureOf } from './signature'
import { supplyFor, surfaceFor } from './supply'

/** A panel of one of the copies, ready to be laid out. */
export interface Part extends NestPart {
  panel: string
  /** The thing it is a part of, by id. */
  thing: string
  /** The stock it is cut from, by id. */
  material: string
  copy: number
  label: string
  /** Whether the face that does not show in the box is the one that lies up. */
  isHiddenUp: boolean
  /** Unturned, and turned by a quarter. */
  lies: [Lying, Lying]
}

export type Panelled = Pick<
  DerivedBox,
  'panels' | 'pieces' | 'cuts' | 'material' | 'materials' | 'made' | 'joined' | 'divided'
>

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
  const isStrip = panel.bends !== undefined
  if ((joined?.piece.id !== panel.id && !isStrip) || wanted === 'any' || runs === 'none') return {}
  // Those of a strip run along its x.
  if (isStrip) return { grain: (wanted === 'along') === (runs === 'width') ? 'along' : 'across' }
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
  const copied = (
    panel: Panel,
    [first, quarter]: Outlines[],
    { id }: Material,
    grain: Pick<NestPart, 'grain'>,
    isHiddenUp = face === 'inside',
  ): Part[] =>
    Array.from({ length: copies }, (_, i): Part => {
      const own = name === '' ? panel.label : `${name} ${panel.label}`
      const label = copies === 1 ? own : `${own} ${i + 1}`
      return {
        id: `${partPrefix(thing)}${panel.id}-${i + 1}`,
        panel: panel.id,
        thing,
        box: `${thing} ${i}`,
        material: id,
        copy: i,
        label,
        isHiddenUp,
        shape: first.shape,
        turnedShape: quarter.shape,
        ...grain,
        lies: [
          { ...first, marks: marksUp(first, label) },
          { ...quarter, marks: marksUp(quarter, label) },
        ],
      }
    })
  const panels = box.pieces.flatMap((panel) => {
    const material = box.material.get(panel.id)!
    const own = { joined: box.joined, material, cuts: box.cuts.get(panel.id)! }
    const outlines = lyingOf(panel, own, lettersFor(panel, box, lettered), face, faces)
    return copied(panel, outlines, material, grainOf(panel, box))
  })
  // Whichever face of the panels lies up, an inlay is cut with its hidden side up: there its label is.
  const inlays = inlaysOf(box, words).flatMap(({ piece, cuts, material, side }) => {
    const up = side === 'outside' ? 'inside' : 'outside'
    const outlines = lyingOf(piece, { joined: null, material, cuts }, [], up, faces)
    return copied(piece, outlines, material, {}, true)
  })
  return [...panels, ...inlays]
}

/** What of a job its layout hangs on, beside its parts. */
export type RuledJob = Pick<Job, 'measure' | 'layout'> & {
  cut: Pick<Job['cut'], 'compensation' | 'bridges'>
}

/**
 * A job's layout settings with the grain as it runs in its stock: where the stock has none (or nobody said)
 * panels may lie any way.
 */
export function layoutRules({
  measure: { stock, kerf },
  layout: { settings },
  cut: { compensation, bridges },
}: RuledJob): LayoutSettings {
  const runs = stock?.grain ?? 'none'
  // At an odd angle a beam that is not round is neither as wide as along nor as across.
  const { round } = kerfOf(kerf)
  const anyAngle = settings.anyAngle && round
  // A line that the laser's software sets off, or that is left uncut in places, cannot be that of two parts.
  const shareEdges = settings.shareEdges && round && compensation === 'paths' && bridges.count === 0
  const rules = { ...settings, anyAngle, shareEdges }
  if (runs === 'none') return { ...rules, grain: 'free' }
  const turned = { free: 'free', along: 'across', across: 'along' } as const
  return { ...rules, grain: runs === 'height' ? turned[settings.grain] : settings.grain }
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
export function layoutSignature(parts: Part[], job: RuledJob): string {
  const sheets = partsByMaterial(parts, job).map(({ material, parts: own }) => {
    const seen = jobForStock(job, material)
    const rules = layoutRules(seen)
    const { margin, gap, sheets } = rules
    const { width, height, loads } = surfaceFor(seen)
    const offcuts = supplyFor(seen).filter(({ offcut }) => offcut !== null)
    const all = [shapesOf(own), margin, gap, sheets, { width, height, loads }, allowedTurns(rules)]
    const more = [
      rules.inOpenings ? 'in openings' : '',
      rules.anyAngle ? 'at any angle' : '',
      rules.shareEdges ? 'edges shared' : '',
    ].filter(Boolean)
    return offcuts.length > 0 ? [...all, ...more, offcuts] : [...all, ...more]
  })
  return signatureOf(sheets.length === 1 ? sheets[0] : sheets)
}
