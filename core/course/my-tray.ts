import { emptyJob, type Job } from '../job'
import { newMachine } from '../machine'
import { newStock } from '../stock'
import type { LessonId, Notes } from './lesson'
import { LASER } from './setting'
import { traySpec } from './tray'
import type { World } from './world'

/** What the lessons have noted of the tray: the last word of each counts. */
export const withNotes = (before: Notes, added: Notes): Notes => ({
  ...before,
  ...Object.fromEntries(Object.entries(added).filter(([, value]) => value !== undefined)),
})

const round = (value: number, digits: number): number => Number(value.toFixed(digits))

/**
 * The tray of the course as a job, with what was measured, on a machine and a stock of its own: both are
 * simulated, and say so in their names.
 * @param on when, as in ISO 8601
 */
export function trayJob(notes: Notes, { sheet, label }: World, id: string, on: string): Job {
  const machine = { ...newMachine(`${id}-laser`, 'Course laser (simulated)'), watts: LASER.watts }
  const stock = {
    ...newStock(`${id}-ply`, 'Course ply (simulated)'),
    nominal: label,
    readings: (notes.thickness ?? []).map((value) => ({ value, spot: '', on })),
    sheetWidth: sheet.width,
    sheetHeight: sheet.height,
    sheetsAtHand: 2,
  }
  const empty = emptyJob(id, 'My course tray', on)
  const width = notes.kerf
  const kerf =
    width === undefined
      ? null
      : {
          id: `${id}-kerf`,
          machineId: machine.id,
          stockId: stock.id,
          width: round(width, 4),
          doubt: null,
          kx: null,
          ky: null,
          method: 'squares' as const,
          setting: '',
          on,
          how: 'In the course, on the simulated laser',
        }
  return {
    ...empty,
    measure: { ...empty.measure, machine, stock, kerf },
    box: traySpec(label, true, round(notes.tabWidth ?? 9, 2)),
    interference: round(notes.interference ?? 0, 3),
    tune: {
      ...empty.tune,
      picked:
        notes.speed === undefined ? null : { speed: notes.speed, power: LASER.power, passes: 1, air: true },
    },
  }
}

/** What the tray has from each lesson: those that note a figure for it, and those that it went through. */
export const TRAY_PARTS: { lesson: LessonId; label: string; isFigure: boolean }[] = [
  { lesson: 'thickness', label: 'Thickness', isFigure: true },
  { lesson: 'kerf', label: 'Kerf', isFigure: true },
  { lesson: 'once', label: 'Compensation per side', isFigure: true },
  { lesson: 'comb', label: 'Fit', isFigure: true },
  { lesson: 'tabs', label: 'Tabs', isFigure: true },
  { lesson: 'setting', label: 'Speed', isFigure: true },
  { lesson: 'layout', label: 'Laid out', isFigure: false },
  { lesson: 'gluing', label: 'Put together', isFigure: false },
  { lesson: 'result', label: 'Looked over', isFigure: false },
]
