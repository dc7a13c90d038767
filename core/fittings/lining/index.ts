import { z } from 'zod'
import { roundLength } from '../../joints'
import type { FittingKind } from '../fitting'
import { ringOf } from '../strips'

const schema = z.strictObject({
  type: z.literal('lining'),
  /** How far it reaches above the rim, and what is left between it and each wall, mm. */
  above: z.number().min(0).max(2000),
  play: z.number().min(0).max(5),
})

/** Four sheets that stand inside the walls and reach above the rim, for the other half to go over. */
export const lining: FittingKind<z.infer<typeof schema>> = {
  type: 'lining',
  title: 'lining above the rim',
  words: 'lining lip halves slip case',
  schema,
  of: 'either',
  fields: [
    { kind: 'length', key: 'above', at: 'lining-above', label: 'Lining, above the rim' },
    { kind: 'length', key: 'play', at: 'lining-play', label: 'Play of the lining', step: 0.05 },
  ],
  begin: () => ({ type: 'lining', above: 15, play: 0.2 }),
  make(own, shell) {
    const reach = { from: shell.room.min.z, to: roundLength(shell.outer.z + own.above), play: own.play }
    return { added: ringOf(shell, { id: 'lining', ...reach, stock: 'dividers', isGlued: false }) }
  },
}
