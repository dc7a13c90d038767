import type { Station } from '@core/say'
import type { FieldEntry } from './field-entry'

const at =
  (station: Station) =>
  (id: string, label: string, words: string, more: Partial<FieldEntry> = {}): FieldEntry => ({
    id,
    label,
    station,
    words,
    ...more,
  })
const shape = at('shape')
const log = at('log')

/** Fields about boxes that stand in each other, bends, openings, and what is added to walls. */
export const WHOLE_FIELDS: FieldEntry[] = [
  shape('whole', 'All together', 'cabinet drawers set cap halves nested', { behind: 'kind' }),
  shape('together', 'All together or this box', 'view assembly drawers', { behind: 'kind' }),
  shape('whole-columns', 'Columns of the whole', 'drawers beside each other', { behind: 'kind' }),
  shape('whole-rows', 'Rows of the whole', 'drawers above each other', { behind: 'kind' }),
  shape('whole-heights', 'Heights of boxes, row by row', 'set drawer inserts', { behind: 'kind' }),
  shape('whole-on', 'What drawers run on', 'shelves runners slides', { behind: 'kind' }),
  shape('whole-front', 'Fronts of the drawers', 'inset flush plate false front', { behind: 'kind' }),
  shape('whole-pull', 'What drawers are drawn out by', 'handle knob hole grip', { behind: 'kind' }),
  shape('whole-pull-size', 'Size of the drawers’ pull', 'handle knob hole', { behind: 'kind' }),
  shape('rails', 'What a sliding lid runs in', 'grooves strips rails', { behind: 'top' }),
  shape('captive', 'Strip that keeps a lid from coming out', 'captive stop end sliding lid', {
    behind: 'top',
  }),
  shape('grip', 'What a sliding lid is drawn out by', 'thumb notch finger hole', { behind: 'top' }),
  shape('pin', 'Pins that a lid turns on', 'hinge rod axle dowel', { behind: 'top' }),
  shape('bends', 'Bends', 'living hinge kerf bend flexible lattice round corners book'),
  shape('bend-grain', 'How slits lie to the face grain', 'living hinge direction', { behind: 'bends' }),
  shape('bend-latch', 'Wedge that holds a cover shut', 'latch tusk lock book flap', { behind: 'bends' }),
  shape('lies', 'How the box stands in use', 'upside down on its back orientation'),
  shape('pull-kind', 'What the front is drawn out by', 'handle knob hole half-round', { behind: 'lies' }),
  shape('pull-size', 'Size of the pull', 'handle knob hole', { behind: 'lies' }),
  shape('rim-arch', 'Arches along the rim', 'feet stand cut-out', { behind: 'lies' }),
  shape('holes', 'Round holes to stand things in', 'bottle stand rack tube vial', { behind: 'lies' }),
  shape('hole-play', 'Play of the holes', 'clearance bottle', { behind: 'holes' }),
  shape('openings', 'Openings in the panels', 'cut-out window hole vent handle keyhole slot grille'),
  shape('opening-panel', 'Panel of an opening', 'face side', { behind: 'openings' }),
  shape('opening-shape', 'Shape of an opening', 'round rectangle polygon vents', { behind: 'openings' }),
  shape('opening-anchor', 'What an opening is placed from', 'centre corner', { behind: 'openings' }),
  shape('opening-turn', 'Turn of an opening', 'rotate angle', { behind: 'openings' }),
  shape('opening-apart', 'Distance of repeated openings', 'grid pitch spacing', { behind: 'openings' }),
  shape('opening-mirrored', 'Opening on the opposite panel', 'both sides copy', { behind: 'openings' }),
  shape('opening-text', 'Letters cut out', 'stencil text cut through', { behind: 'openings' }),
  shape('engravings', 'Engraving on the panels', 'text words logo artwork scale ruler qr code picture mark'),
  shape('engraving-panel', 'Panel of an engraving', 'face side', { behind: 'engravings' }),
  shape('engraving-kind', 'What is engraved', 'text ruler code artwork svg dxf', { behind: 'engravings' }),
  shape('engraving-file', 'Artwork for an engraving', 'svg dxf import logo', { behind: 'engravings' }),
  shape('engraving-use', 'What a colour of artwork is for', 'layer', { behind: 'engravings' }),
  shape('engraving-letters', 'Letters of an engraving', 'font filled lines', { behind: 'engravings' }),
  shape('engraving-unit', 'Division of a scale', 'ruler inch mm', { behind: 'engravings' }),
  shape('engraving-as', 'Whether an engraving is filled', 'score outline', { behind: 'engravings' }),
  shape('engraving-text', 'Words of an engraving', 'text name label', { behind: 'engravings' }),
  shape('engraving-anchor', 'What an engraving is placed from', 'centre corner', { behind: 'engravings' }),
  shape('engraving-turn', 'Turn of an engraving', 'rotate angle', { behind: 'engravings' }),
  shape('engraving-mirrored', 'Engraving on the opposite panel', 'both sides copy', { behind: 'engravings' }),
  at('build')('school', 'How to go about the building', 'order assembly halves floor first'),
  log('bend-strip', 'Links of a bend that was tried', 'living hinge test'),
  log('bend-test-grain', 'Grain of a bend that was tried', 'living hinge direction'),
  log('bend-angle', 'Angle that a bend was tried to', 'hinge broke held'),
]
