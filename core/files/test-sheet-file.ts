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
import { testSheetFile as words } from './words'

export type TestSheetFormat = 'svg' | 'dxf' | 'gcode'

const HOW: Record<SheetKind, string> = {
  cut: words.cutLiftSheet,
  pocket: words.burnCleanPockets,
  engrave: words.burnWipeSee,
}

/** A job's test sheet as one file: every square in a colour, on a layer, or with a setting of its own. */
export function writeTestSheet(job: Job, sheet: TestSheet, format: TestSheetFormat): OutputFile {
  const drawing = sheetDrawing(job, sheet)
  const { machine, stock } = job.measure
  const squares = sheet.squares.map(({ setting }, i) => `${i + 1} at ${settingWords(setting)}`).join('; ')
  const file: SheetFile = {
    title: words.testSheetNo(stock?.name),
    statement: words.unitMillimetresLines(
      HOW[sheet.kind],
      squares,
      IN_METRIC.length(deriveBox(job).thickness.mean),
    ),
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
