import { emptyJob, type Job } from '../job'
import { newMachine } from '../machine'
import type { Say } from '../length'
import { newStock, thicknessOf, type Reading } from '../stock'
import type { Notes } from './lesson'
import type { LessonId } from './outline'
import { LASER } from './setting'
import { dividedTray } from './tray'
import type { World } from './world'

/** What the lessons have noted of the tray: the last word of each counts. */
export const withNotes = (before: Notes, added: Notes): Notes => ({
  ...before,
  ...Object.fromEntries(Object.entries(added).filter(([, value]) => value !== undefined)),
})

const round = (value: number, digits: number): number => Number(value.toFixed(digits))

/** Readings as a stock keeps them. */
export const readingsOf = (values: number[], on: string): Reading[] =>
  values.map((value) => ({ value, spot: '', on }))

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
    readings: readingsOf(notes.thickness ?? [], on),
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
    box: dividedTray(label, notes.tabWidth && round(notes.tabWidth, 2)),
    interference: round(notes.interference ?? 0, 3),
    tune: {
      ...empty.tune,
      picked:
        notes.speed === undefined ? null : { speed: notes.speed, power: LASER.power, passes: 1, air: true },
    },
  }
}

/** What the tray has from a lesson; null while it has nothing. */
export interface TrayLine {
  lesson: LessonId
  label: string
  /** Whether it is a figure that the tray is made with. */
  isFigure: boolean
  text: string | null
}

/** The tray so far, line by line: what was noted for it, and what it went through. */
export function trayLines(notes: Notes, done: LessonId[], say: Say): TrayLine[] {
  const { thickness, kerf, compensation, interference, tabWidth, speed } = notes
  const figure = <T>(lesson: LessonId, label: string, value: T | undefined, as: (value: T) => string) => ({
    lesson,
    label,
    isFigure: true,
    text: value === undefined ? null : as(value),
  })
  const step = (lesson: LessonId, label: string): TrayLine => ({
    lesson,
    label,
    isFigure: false,
    text: done.includes(lesson) ? 'done' : null,
  })
  return [
    figure('thickness', 'Thickness', thickness, (values) => {
      const { mean } = thicknessOf({ ...newStock('course', 'Sheet'), readings: readingsOf(values, '') })
      return `${say.length(mean)}, ${values.length} readings`
    }),
    figure('kerf', 'Kerf', kerf, say.fine),
    figure('compensation', 'Compensation per side', compensation, say.fine),
    figure('comb', 'Fit', interference, (by) => `snug, ${say.signed(by, 3)} ${say.lengthUnit}`),
    figure('tabs', 'Tabs', tabWidth, (width) => say.length(width)),
    figure('setting', 'Speed', speed, say.speed),
    step('layout', 'Laid out'),
    step('gluing', 'Put together'),
    step('result', 'Looked over'),
  ]
}
