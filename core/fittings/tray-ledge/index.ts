import { z } from 'zod'
import { roundLength } from '../../joints'
import type { FittingKind } from '../fitting'
import { ringOf } from '../strips'

const schema = z.strictObject({
  type: z.literal('tray-ledge'),
  /** From the floor to its upper edge, and its width, mm. */
  at: z.number().min(0).max(2000),
  width: z.number().min(1).max(200),
})

/** Strips on the inside of the walls, for a tray to stand on. */
export const trayLedge: FittingKind<z.infer<typeof schema>> = {
  type: 'tray-ledge',
  title: 'ledges for a tray',
  words: 'ledge tray insert strips',
  schema,
  of: 'either',
  fields: [
    { kind: 'length', key: 'at', at: 'ledge-at', label: 'Ledges, above the floor' },
    { kind: 'length', key: 'width', at: 'ledge-width', label: 'Ledges, width' },
  ],
  begin: (spec) => ({ type: 'tray-ledge', at: Math.round(spec.height / 2), width: 8 }),
  make(own, shell) {
    const to = roundLength(shell.room.min.z + own.at)
    const from = roundLength(to - Math.min(own.width, own.at))
    return {
      added: ringOf(shell, { id: 'tray-ledge', from, to, play: 0, stock: 'dividers', isGlued: true }),
    }
  },
}
