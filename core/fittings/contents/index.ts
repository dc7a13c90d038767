import { z } from 'zod'
import type { FittingKind } from '../fitting'

const size = z.number().min(1).max(5000)
const schema = z.strictObject({
  type: z.literal('contents'),
  width: size,
  depth: size,
  height: size,
  /** Left on each side of it, and above it, for fingers or felt. */
  room: z.number().min(0).max(200),
})

/** What a box begins to be made for: a little less than three quarters of its size. */
const SHARE = 0.7

/** A thing that has to go in, lie with the lid shut, and come out again: a box can be sized by it. */
export const contents: FittingKind<z.infer<typeof schema>> = {
  type: 'contents',
  title: 'thing that has to go in',
  words: 'contents holds fits inside size by what goes in object instrument measure',
  schema,
  of: 'box',
  fields: [
    { kind: 'length', key: 'width', at: 'contents-width', label: 'Its width' },
    { kind: 'length', key: 'depth', at: 'contents-depth', label: 'Its depth' },
    { kind: 'length', key: 'height', at: 'contents-height', label: 'Its height' },
    { kind: 'length', key: 'room', at: 'contents-room', label: 'Room round it', step: 0.5 },
  ],
  begin({ width, depth, height }) {
    const part = (of: number): number => Math.max(1, Math.round(of * SHARE))
    return { type: 'contents', width: part(width), depth: part(depth), height: part(height), room: 1 }
  },
  said: ({ width, depth, height, room }, say) =>
    say.size([width, depth, height], 1) + (room > 0 ? `, ${say.short(room)} round it` : ''),
}
