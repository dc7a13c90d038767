import { z } from 'zod'
import type { Block } from '../../assembly'
import { roundLength } from '../../joints'
import type { FittingKind } from '../fitting'
import { LIES, partOf } from '../shell'

const overhang = z.number().min(-500).max(500)
const schema = z.strictObject({
  type: z.literal('plate'),
  /** How far it reaches past the box on each side, mm. */
  left: overhang,
  right: overhang,
  down: overhang,
  up: overhang,
})
export type Plate = z.infer<typeof schema>

/** A sheet glued before the front. */
export const plate: FittingKind<Plate> = {
  type: 'plate',
  title: 'plate before the front',
  words: 'plate front drawer overhang',
  schema,
  of: 'either',
  fields: [
    { kind: 'length', key: 'left', at: 'plate-left', label: 'Plate, past the left' },
    { kind: 'length', key: 'right', at: 'plate-right', label: 'Plate, past the right' },
    { kind: 'length', key: 'down', at: 'plate-down', label: 'Plate, below' },
    { kind: 'length', key: 'up', at: 'plate-up', label: 'Plate, above' },
  ],
  begin: () => ({ type: 'plate', left: 0, right: 0, down: 0, up: 0 }),
  make({ left, right, down, up }, { outer, materials }) {
    const about = { thickness: materials.mean.front, thickest: materials.thickest.front }
    const block: Block = {
      min: { x: roundLength(-left), y: roundLength(-about.thickness), z: roundLength(-down) },
      max: { x: roundLength(outer.x + right), y: 0, z: roundLength(outer.z + up) },
    }
    const part = partOf({ ...about, id: 'plate', label: 'front plate' }, LIES.front, block, outer)
    return { added: [{ part, contact: { parts: ['front', 'plate'], area: outer.x * outer.z } }] }
  },
}
