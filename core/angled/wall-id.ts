/** The name of a wall that stands at an angle. @param index from 0, counter-clockwise from the front one */
export const wallId = (index: number): string => `wall-${index + 1}`

/** Which wall a part is, from 0; −1 for what is none. */
export const wallIndex = (id: string): number => Number(/^wall-(\d+)$/.exec(id)?.[1] ?? 0) - 1
