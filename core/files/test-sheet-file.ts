import { deriveBox, markSettings, sheetDrawing } from '../derive'
import { ORDINARY_SPOKEN, writeCode } from '../gcode'
import type { Job } from '../job'
import { fileStem } from '../keep'
import { IN_METRIC } from '../length'
import { settingWords, type SheetKind, type TestSheet } from '../tune'
import { writeDxf } from './dxf'
import type { OutputFile } from './export'
import type { SheetFile } from './sheet-file'
import { writeSvg } from './svg'

export type TestSheetFormat = 'svg' | 'dxf' | 'gcode'

const HOW: Record<SheetKind, string> = {
  cut: 'Cut it, lift the sheet without touching the squares, and write down what became of each.',
  pocket: 'Burn it, clean the pockets, and measure their depth with the tail of the calipers.',
  engrave: 'Burn it, wipe it, and see which patch is best.',
}

/** A job's test sheet as one file: every square in a colour, on a layer, or with a setting of its own. */
export function writeTestSheet(job: Job, sheet: TestSheet, format: TestSheetFormat): OutputFile {
  const drawing = sheetDrawing(job, sheet)
  const { machine, stock } = job.measure
  const squares = sheet.squares.map(({ setting }, i) => `${i + 1} at ${settingWords(setting)}`).join('; ')
  const file: SheetFile = {
    title: `Test sheet, ${stock?.name ?? 'no stock'}`,
    statement:
      `${HOW[sheet.kind]} Unit millimetres, lines not compensated. Squares: ${squares}. ` +
      `Thickness ${IN_METRIC.length(deriveBox(job).thickness.mean)}.`,
    ...drawing,
    colours: machine?.colours,
  }
  const setting = sheet.squares[0].setting
  const name = `${fileStem(`test sheet ${stock?.name ?? ''}`)}.${format}`
  if (format === 'svg') return { name, content: writeSvg(file) }
  if (format === 'dxf') return { name, content: writeDxf(file) }
  const settings = { ...markSettings(job), inside: setting, outline: setting }
  const spoken = machine ?? ORDINARY_SPOKEN
  return { name, content: writeCode({ ...file, settings, machine: spoken }) }
}
