import {
  compensationStatement,
  deriveBox,
  makeParts,
  planCut,
  arrange,
  layoutSignature,
  type CutPlan,
  type DerivedBox,
  type Job,
} from '../job'
import { mayExport } from '../plan'
import { writeDxf } from './dxf'
import { writePanels } from './panels-json'
import { writeSvg } from './svg'

export const FORMATS = ['svg', 'dxf', 'json'] as const
export type Format = (typeof FORMATS)[number]

export interface OutputFile {
  name: string
  content: string
}

/** A job's name as a file name: letters, digits and hyphens. */
export const fileStem = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60) || 'job'

/** The files of a planned cut, one per sheet and format, and one for the panels. */
export function writeFiles(
  job: Job,
  box: DerivedBox,
  plan: CutPlan,
  formats: readonly Format[],
): OutputFile[] {
  const stem = fileStem(job.name)
  const { sheetWidth: width, sheetHeight: height } = job.layout.settings
  const statement = compensationStatement(job.cut.compensation, box.kerf.perSide)
  const sheets = plan.sheets
    .filter(({ paths }) => paths.length > 0)
    .flatMap(({ sheet, paths }) => {
      const file = {
        title: `${job.name}, sheet ${sheet + 1}`,
        statement,
        width,
        height,
        paths,
        colours: job.measure.machine?.colours,
      }
      return [
        ...(formats.includes('svg')
          ? [{ name: `${stem}-sheet-${sheet + 1}.svg`, content: writeSvg(file) }]
          : []),
        ...(formats.includes('dxf')
          ? [{ name: `${stem}-sheet-${sheet + 1}.dxf`, content: writeDxf(file) }]
          : []),
      ]
    })
  return formats.includes('json')
    ? [...sheets, { name: `${stem}-panels.json`, content: writePanels(job, box) }]
    : sheets
}

export type Exported = { ok: true; files: OutputFile[]; warnings: string[] } | { ok: false; error: string }

/**
 * Writes what the Cut station would write, from a job alone: a stored layout is used when it still belongs to the parts, otherwise one is made.
 * @returns the files, or one sentence why nothing may be written
 */
export function exportJob(job: Job, formats: readonly Format[]): Exported {
  const box = deriveBox(job)
  if (!box.panels) return { ok: false, error: box.problems[0].message }
  const parts = makeParts(box.panels, job.copies, box.kerf.perSide)
  const fresh = job.layout.arrangement?.signature === layoutSignature(parts, job)
  const laidOut: Job = fresh ? job : { ...job, layout: { ...job.layout, arrangement: arrange(parts, job) } }
  const plan = planCut(laidOut, box, parts)
  const stops = plan.checks.filter(({ state }) => state === 'stop')
  if (!mayExport(plan.checks)) return { ok: false, error: `${stops[0].title}: ${stops[0].detail}` }
  const warnings = plan.checks
    .filter(({ state }) => state === 'look')
    .map(({ title, detail }) => `${title}: ${detail}`)
  return { ok: true, files: writeFiles(laidOut, box, plan, formats), warnings }
}
