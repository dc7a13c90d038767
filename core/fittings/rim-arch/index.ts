import { z } from 'zod'
import { archFeature } from '../arch'
import { problemOf, type FittingKind } from '../fitting'
import { WALLS } from '../sides'

const schema = z.strictObject({
  type: z.literal('rim-arch'),
  /** Height of the arches, mm. */
  high: z.number().min(0.01).max(2000),
})
const WEB = 1

/** Arches along the rim of the walls, which is below when the box stands upside down. */
export const rimArch: FittingKind<z.infer<typeof schema>> = {
  type: 'rim-arch',
  title: 'arches along the rim',
  words: 'arch feet legs rim',
  schema,
  of: 'box',
  fields: [{ kind: 'length', key: 'high', at: 'rim-arch', label: 'Arches along the rim, height' }],
  begin: () => ({ type: 'rim-arch', high: 15 }),
  features: ({ high }, _shell, part) =>
    WALLS.some((name) => name === part.id) ? archFeature(part, part.blank.maxY, -high) : [],
  problems({ high }, { t, inner }) {
    const most = Math.floor(inner.z - WEB * t.floor)
    return high > most ? [problemOf('rim-arch', 'rim-arch', 'high', { most })] : []
  },
  sentences: {
    high: ({ most }, say) =>
      `Arches that high would reach the floor. Make them at most ${say.short(most, 0)}.`,
  },
}
