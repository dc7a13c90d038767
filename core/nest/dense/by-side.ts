import type { Lying } from './block'

/** Blocks in the ways that they lie, found by the length of a side. */
export class BySide {
  private readonly found = new Map<number, Lying[]>()

  /** @param cell about how far apart lengths are that are asked for, mm */
  constructor(
    private readonly side: 'width' | 'height',
    private readonly cell: number,
  ) {}

  add(lying: Lying): void {
    const key = Math.floor(lying[this.side] / this.cell)
    const there = this.found.get(key)
    if (there) there.push(lying)
    else this.found.set(key, [lying])
  }

  /** Those whose side differs by less. */
  at(length: number, less: number): Lying[] {
    const found: Lying[] = []
    const [from, to] = [length - less, length + less].map((at) => Math.floor(at / this.cell))
    for (let key = from; key <= to; key++)
      for (const lying of this.found.get(key) ?? [])
        if (Math.abs(lying[this.side] - length) < less) found.push(lying)
    return found
  }
}
