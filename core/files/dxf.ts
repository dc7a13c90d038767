import { DxfWriter, LWPolylineFlags, TrueColor, Units } from '@tarikjabiri/dxf'
import { groupsOf, type SheetFile } from './sheet-file'
import { dxf as words } from './words'

/** A comment in a DXF file: group code 999. Line breaks would end it. */
const comment = (text: string): string => `999\n${text.replace(/[\r\n]+/g, ' ').slice(0, 250)}\n`

/** "By layer" readers still want an index colour; white or black, as the reader's background is. */
const INDEX_COLOUR = 7

/**
 * One sheet as DXF: millimetres, y up, one named layer per operation, light polylines only. What is true of
 * the file stands in comments at its head.
 */
export function writeDxf(file: SheetFile): string {
  const { title, statement, width, height } = file
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  dxf.setVariable('$MEASUREMENT', { 70: 1 })
  dxf.setVariable('$EXTMIN', { 10: 0, 20: 0, 30: 0 })
  dxf.setVariable('$EXTMAX', { 10: width, 20: height, 30: 0 })
  for (const { id, colour, paths } of groupsOf(file)) {
    const layerName = id.toUpperCase()
    dxf.addLayer(layerName, INDEX_COLOUR, 'CONTINUOUS').trueColor = TrueColor.fromHex(colour)
    for (const { points, closed } of paths) {
      const vertices = points.map(({ x, y }) => ({
        point: { x: Number(x.toFixed(5)), y: Number(y.toFixed(5)) },
      }))
      dxf.addLWPolyline(vertices, {
        layerName,
        flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None,
      })
    }
  }
  return (
    comment(title) +
    statement
      .split(/(?<=\.)\s+/)
      .map(comment)
      .join('') +
    comment(words.millimetresYUp) +
    dxf.stringify()
  )
}
