import type { Component } from 'vue'
import { FITTINGS } from '@core/fittings'
import type { BoxThing } from '@core/say'
import AddForm from './AddForm.vue'
import BendForm from './BendForm.vue'
import CornerForm from './CornerForm.vue'
import DividerForm from './DividerForm.vue'
import EngravingsForm from './EngravingsForm.vue'
import FiguresForm from './FiguresForm.vue'
import FitForm from './FitForm.vue'
import FloorForm from './FloorForm.vue'
import KindForm from './KindForm.vue'
import LidForm from './LidForm.vue'
import MockUpForm from './MockUpForm.vue'
import OpeningsForm from './OpeningsForm.vue'
import PlanForm from './PlanForm.vue'
import StockForm from './StockForm.vue'
import WholeForm from './WholeForm.vue'

/** The form of each thing that a box is made of; those of fittings are made from what they declare. */
export const THING_FORMS: Partial<Record<BoxThing, Component>> = {
  whole: WholeForm,
  lid: LidForm,
  fit: FitForm,
  plan: PlanForm,
  corners: CornerForm,
  floor: FloorForm,
  dividers: DividerForm,
  openings: OpeningsForm,
  engravings: EngravingsForm,
  bends: BendForm,
  stocks: StockForm,
  figures: FiguresForm,
  'mock-up': MockUpForm,
  kind: KindForm,
  add: AddForm,
}

/** Fields at which their form says itself what is wrong; of the rest it is said above the form. */
export const SAID_AT_FIELD = [
  ...['set-in', 'raised', 'columns', 'rows', 'columns-height', 'rows-height', 'into', 'divider-depth'],
  ...['openings', 'engravings', 'bends', 'radius', 'link', 'bridge', 'latch'],
  ...FITTINGS.flatMap(({ type, fields }) => [type, ...fields.map(({ at }) => at)]),
]
