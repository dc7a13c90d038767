import { computed, type ComputedRef, type Ref } from 'vue'
import type { Bounds, Region } from '@core/geometry'
import type { Placement } from '@core/nest'
import { nameOn, type PartName } from './part-name'

/** A part as it is drawn on its sheet. */
interface DrawnPart {
  part: { id: string }
  placement: Placement
  region: Region
  box: Bounds
}

/** Words as they stand on a sheet, y down, mm. */
interface DrawnName {
  words: string
  at: string
  size: number
}

/**
 * What each part is called on the board: the first of its names whose letters can be read as it is drawn now.
 * @param namesOf what it may be called, the fullest first
 * @param largest how large letters are at most @param smallest those that are still read, mm
 */
export function usePartNames<Item extends DrawnPart>(
  drawn: Ref<Item[]>,
  namesOf: (item: Item) => string[],
  largest: Ref<number>,
  smallest: Ref<number>,
): ComputedRef<Map<string, DrawnName>> {
  /** Where words have room on parts as they are turned; looked for anew when letters are of another size. */
  const rooms = computed(() => ({ size: largest.value, by: new Map<string, PartName | null>() }))
  function roomOn({ part, placement, region, box }: Item, words: string): PartName | null {
    const { size, by } = rooms.value
    const key = `${part.id} ${placement.turn} ${words}`
    if (!by.has(key)) by.set(key, nameOn(region, box, words, size))
    return by.get(key)!
  }
  return computed(() => {
    const found = new Map<string, DrawnName>()
    for (const item of drawn.value) {
      for (const words of namesOf(item)) {
        const room = roomOn(item, words)
        if (!room || room.size < smallest.value) continue
        const { minX, minY } = item.box
        const at = `translate(${minX + room.x} ${-(minY + room.y)}) rotate(${room.isUpright ? -90 : 0})`
        found.set(item.part.id, { words, at, size: room.size })
        break
      }
    }
    return found
  })
}
