import {
  addForm,
  cornerForm,
  dividerForm,
  figuresForm,
  floorForm,
  planForm,
  stockForm,
} from '@web/stations/shape/form-words'
import { closes, FITTINGS } from '@core/fittings'
import { capitalised } from '@core/length'
import type { FieldEntry } from './field-entry'

const shape = (id: string, label: string, words: string, more: Partial<FieldEntry> = {}): FieldEntry => ({
  id,
  label,
  station: 'shape',
  words,
  ...more,
})

/** Fields of Shape about corners, floor, top, what stands inside, and what it is cut from. */
export const SHAPE_FIELDS: FieldEntry[] = [
  shape('things', 'Things of this job', 'several boxes case trays add another set', { behind: 'add-thing' }),
  shape('thing-name', 'Name of the thing', 'rename', { behind: 'add-thing' }),
  shape('add-thing', addForm.anotherThing, 'one more box in this job several add'),
  shape('mock-up', 'Mock-up', 'first copy trial card prototype try cheap'),
  shape('figures', 'Named figures', 'formula sum variable parameter follow expression'),
  shape('own-kind', figuresForm.keepJobKind, 'template reuse standard size preset'),
  shape(
    'kind',
    'Begin with a kind',
    'template example preset tray rack case bowl organiser cabinet drawer card tool box',
  ),
  shape('plan', 'Walls at an angle', 'hexagon octagon triangle polygon L-shaped trapezoid any plan round'),
  shape('plan-walls', planForm.howManyWalls, 'sides polygon hexagon', { behind: 'plan' }),
  shape('plan-side', planForm.lengthEachWall, 'side polygon', { behind: 'plan' }),
  shape('plan-lengths', planForm.lengthsWalls, 'sides plan L T U trapezoid', { behind: 'plan' }),
  shape('plan-angles', 'Angles between the walls', 'corner degrees plan', { behind: 'plan' }),
  shape('plan-lean', 'How far walls lean outward', 'slope taper slanted planter tilt', { behind: 'plan' }),
  shape('plan-slope', 'How steeply the rim rises', 'lectern desk slope roof slant', { behind: 'plan' }),
  shape('plan-ridge', 'A top with a ridge', 'gable roof house bird nest pitched', { behind: 'plan' }),
  shape('plan-low', 'Wall that the rim rises from', 'low front lectern', { behind: 'plan' }),
  shape('plan-dividers', 'Dividers between slanted walls', 'partition spoke compartment cell', {
    behind: 'plan',
  }),
  shape('plan-ends', planForm.tabEndsSlanted, 'bevel proud flush sand angle', { behind: 'plan' }),
  shape('corner-joint', cornerForm.howWallsMeet, 'corner joint fingers butt half-lap egg crate tenon'),
  shape('wall-order', cornerForm.wallsRunPast, 'order laps who leads overlap'),
  shape('set-in', 'Walls set in', 'inset front setback overhang', { behind: 'corner-joint' }),
  shape('keyed', 'Unequal tabs', 'upside down wrong way asymmetric foolproof key'),
  shape('mirrored', cornerForm.oppositeEdgesMirrored, 'mirror left right pattern'),
  shape('bolts-uprights', 'Bolts at the corners', 'screw nut captive M3 T-slot knock down'),
  shape('bolts-floor', 'Bolts at the floor', 'screw nut captive', { behind: 'floor-joint' }),
  shape('bolts-top', 'Bolts at the top', 'screw nut captive lid', { behind: 'top' }),
  shape('floor-joint', floorForm.howFloorHeld, 'bottom base fingers raised groove ledge none'),
  shape('raised', floorForm.floorRaised, 'feet legs lift bottom', { behind: 'floor-joint' }),
  shape('arch', floorForm.archBetweenFeet, 'feet legs cut-out', { behind: 'floor-joint' }),
  shape('floor-depth', 'Depth of the floor groove', 'dado pocket rebate', { behind: 'floor-joint' }),
  shape('ledge', floorForm.ledgeWidth, 'batten strip support', { behind: 'floor-joint' }),
  shape('columns', 'Columns of cells', 'dividers partitions compartments across egg crate organiser sorting'),
  shape('rows', 'Rows of cells', 'dividers partitions compartments along'),
  shape('columns-height', 'Height of the dividers between columns', 'partition', { behind: 'columns' }),
  shape('rows-height', 'Height of the dividers between rows', 'partition', { behind: 'rows' }),
  shape('into', 'How dividers stand in the walls', 'slot groove tenon loose', { behind: 'columns' }),
  shape('scoop', dividerForm.scoopFingers, 'grip cut-out top edge', { behind: 'columns' }),
  shape('divider-play', dividerForm.playDividers, 'removable loose draw out', { behind: 'columns' }),
  shape('divider-foot', 'Tabs of dividers in the floor', 'foot slot floor', { behind: 'columns' }),
  shape('divider-depth', 'Depth of the divider groove', 'dado pocket', { behind: 'into' }),
  shape('stock-walls', 'Stock of the walls', 'material second different sheet'),
  shape('stock-front', 'Stock of the front', 'material second'),
  shape('stock-back', 'Stock of the back', 'material second'),
  shape('stock-left', 'Stock of the left wall', 'material second'),
  shape('stock-right', 'Stock of the right wall', 'material second'),
  shape('stock-floor', 'Stock of the floor', 'material second bottom'),
  shape('stock-top', 'Stock of the top', 'material second lid', { behind: 'stock-walls' }),
  shape('stock-dividers', 'Stock of the dividers', 'material second inner', { behind: 'columns' }),
  shape('slot-play', 'Play of slots', 'clearance loose width notch'),
  shape('lap-play', 'Play of laps', 'clearance length half-lap'),
  shape('loose-play', 'Play of loose parts', 'clearance floor dividers'),
  shape('letters', 'Letters at the joints', 'mating marks labels which goes where'),
  shape('seams', stockForm.dividePanelsLarger, 'split seam too big join two halves'),
  shape('seams-angle', 'Slant of the seam’s fingers', 'dovetail hold plane interlock', { behind: 'seams' }),
  shape('seams-staggered', 'Seams not all in one plane', 'stagger offset', { behind: 'seams' }),
  shape('edge-joint', 'Joint of one edge', 'single edge own override', { behind: 'corner-joint' }),
]

/** What is said of fittings, as each declares it; those of lids are behind the choice of lid. */
export const FITTING_FIELDS: FieldEntry[] = FITTINGS.flatMap(({ type, title, words, fields, of }) => {
  const behind = closes(type) ? 'top' : `add-${type}`
  const own = fields.map((field) => shape(field.at, field.label, field.words ?? words, { behind }))
  const isAdded = behind !== 'top' && of !== 'whole'
  return [...(isAdded ? [shape(behind, capitalised(title), words)] : []), ...own]
}).filter(({ id }, i, all) => all.findIndex((each) => each.id === id) === i)
