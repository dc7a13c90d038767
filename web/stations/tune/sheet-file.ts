import type { TestSheetFormat } from '@core/files'
import type { Setting, SheetKind } from '@core/tune'
import { download } from '@web/data/download'
import { useDerived } from '@web/stores/derived'
import { useMessages } from '@web/stores/messages'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'

/** What a test sheet can be written as. */
export const SHEET_FORMATS: { value: TestSheetFormat; label: string }[] = [
  { value: 'svg', label: 'SVG' },
  { value: 'dxf', label: 'DXF' },
  { value: 'gcode', label: 'G-code' },
]

/** A test sheet made, and written. */
export function useSheetFile() {
  const jobs = useOpenJob()
  const derived = useDerived()

  /** Lays out a sheet of squares, one for each setting, for the job's machine and stock. */
  function make(kind: SheetKind, settings: Setting[]): boolean {
    const { machine, stock } = jobs.job.measure
    if (!machine || !stock) return false
    const { thickness } = derived.choice
    const squares = settings.map((setting) => ({ setting, result: null }))
    return jobs.edit((draft) => {
      draft.tune.sheet = { kind, machineId: machine.id, stockId: stock.id, thickness, squares }
    })
  }

  async function write(format: TestSheetFormat): Promise<void> {
    const { sheet } = jobs.job.tune
    if (!sheet) return
    const { writeTestSheet } = await import('@web/data/written-files')
    const file = writeTestSheet(jobs.job, sheet, format)
    await download([file], file.name)
    useMessages().say('said', common.fileWritten(file.name))
  }
  return { make, write }
}
