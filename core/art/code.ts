import qrcode from 'qrcode-generator'
import { rectangle, union, type Region, type Ring } from '../geometry'

/**
 * A square code that telephones read, its dark squares as regions: medium correction, the smallest version
 * that holds the text. [PUB: ISO/IEC 18004, made by a library]
 * @param size of its side, mm; four squares round it are to stay free
 */
export function codeRegions(text: string, size: number): Region[] {
  const code = qrcode(0, 'M')
  code.addData(text, 'Byte')
  code.make()
  const count = code.getModuleCount()
  const side = size / count
  const dark: Ring[] = []
  for (let row = 0; row < count; row++)
    for (let column = 0; column < count; column++) {
      if (!code.isDark(row, column)) continue
      let end = column
      while (end + 1 < count && code.isDark(row, end + 1)) end++
      dark.push(rectangle(column * side, size - (row + 1) * side, (end + 1) * side, size - row * side))
      column = end
    }
  return union(dark)
}
