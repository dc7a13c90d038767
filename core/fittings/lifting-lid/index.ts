import { z } from 'zod'
import type { Block } from '../../assembly'
import type { LidKind } from '../fitting'
import { LIES, partOf } from '../shell'

const schema = z.strictObject({
  type: z.literal('lid-lift'),
  /** Left between the lip and each wall, mm. [FM: 0.2 to 0.4 slides] */
  play: z.number().min(0).max(5),
})

/** A lid on the walls; a sheet glued under it reaches between them and keeps it in place. */
export const liftingLid: LidKind<z.infer<typeof schema>> = {
  type: 'lid-lift',
  name: 'lift',
  title: 'lid that lifts off, with a lip',
  words: 'lid lift off lip gift storage',
  schema,
  of: 'box',
  fields: [{ kind: 'length', key: 'play', at: 'lid-play', label: 'Play of the lid', step: 0.05 }],
  edge: 'none',
  sits: 'on the walls',
  opens: true,
  freesRim: true,
  begin: (_spec, _thickness, before) => ({ type: 'lid-lift', play: before?.play ?? 0.3 }),
  below: (_own, t) => t.top,
  make({ play }, { room, materials, outer, slabs }) {
    const [under] = slabs.top!
    const block: Block = {
      min: { x: room.min.x + play, y: room.min.y + play, z: under - materials.mean.top },
      max: { x: room.max.x - play, y: room.max.y - play, z: under },
    }
    const about = { id: 'lip', label: 'lip', thickness: materials.mean.top, thickest: materials.thickest.top }
    const area = (block.max.x - block.min.x) * (block.max.y - block.min.y)
    const part = partOf(about, LIES.top, block, outer)
    const parts = ['top', 'lip']
    return {
      added: [{ part, contact: { parts: ['top', 'lip'], area } }],
      groups: [{ id: 'lid', motion: 'slide', parts, way: { axis: 'z', sign: 1 }, range: outer.z }],
    }
  },
  note: (_own, say) =>
    `The play stays between the lip and each wall: ${say.plain(0.2)} to ${say.length(0.4)} slides ` +
    '(from memory). The lip is of the top’s own stock.',
}
