import {
  deriveAll,
  markOf,
  jobForStock,
  type CutPlan,
  type Derived,
  type DerivedBox,
  type LoadPlan,
} from '../derive'
import { problemSentence } from '../box'
import type { Job } from '../job'
import { ORDINARY_SPOKEN, writeCode, type CodeFile } from '../gcode'
import { fileStem } from '../keep'
import { IN_METRIC } from '../length'
import { cutsThrough } from '../machine'
import { dividePaths, type Format, type PathsOfFile } from '../plan'
import {
  checksOf,
  bedStatement,
  compensationStatement,
  faceStatement,
  madeForStatement,
  nestedStatement,
  placeStatement,
  readyToCut,
  unsaidStatement,
} from '../say'
import { writeDxf } from './dxf'
import { writePanels } from './panels-json'
import type { Paper } from './paper'
import type { SheetFile } from './sheet-file'
import { writeSvg } from './svg'
import { exportFiles as words } from './words'

export interface OutputFile {
  name: string
  content: string
}
/** A file of bytes. */
export interface BinaryFile {
  name: string
  content: Uint8Array
}

/**
 * `sheet-2`, or `sheet-2-load-3` where a sheet takes several; with its stock where a job has more than one.
 */
function pageName({ sheet, load, of, material, offcut, face }: LoadPlan, box: DerivedBox): string {
  const { name } = box.materials.find(({ id }) => id === material) ?? box.materials[0]
  const stock = box.materials.length > 1 ? `${fileStem(name)}-` : ''
  const turn = { only: '', first: '-a-other-face', then: '-b-turned' }[face]
  return `${stock}sheet-${sheet + 1}${offcut ? '-offcut' : ''}${turn}${of > 1 ? `-load-${load + 1}` : ''}`
}

/** What all files of a cut are called by: another cut of the same job has other names. */
const stemOf = (job: Job, mark: string): string => `${fileStem(job.name)}-${mark}`

function fileOf(
  job: Job,
  box: DerivedBox,
  plan: CutPlan,
  load: LoadPlan,
  own: PathsOfFile = { name: '', paths: load.paths },
  mark = markOf(job, plan),
): SheetFile {
  const say = IN_METRIC // a file always says its unit, and it is this one
  const { machine } = job.measure
  const material = box.materials.find(({ id }) => id === load.material) ?? box.materials[0]
  const { choice } = plan.stocks.find((each) => each.material === load.material) ?? plan
  return {
    title: [`${job.name}, ${mark}, ${pageName(load, box).replaceAll('-', ' ')}`, own.name]
      .filter(Boolean)
      .join(', '),
    statement: [
      unsaidStatement(job.measure),
      compensationStatement(job.cut.compensation, material, say),
      bedStatement(job, say),
      placeStatement(machine, load, say),
      madeForStatement(jobForStock(job, load.material), material, choice.setting, say),
      words.markEveryFile(mark),
      faceStatement(job.cut, load),
      nestedStatement(own.paths),
    ]
      .filter((sentence) => sentence !== '')
      .join(' '),
    width: load.width,
    height: load.height,
    paths: own.paths,
    colours: machine?.colours,
    own: (plan.stocks.find((each) => each.material === load.material) ?? plan).own,
    aim: load.face === 'then' ? load.aim : [],
  }
}

/** The same load as a program for the machine. */
function codeOf(job: Job, plan: CutPlan, load: LoadPlan, file: SheetFile): CodeFile {
  const { settings } = plan.stocks.find((each) => each.material === load.material) ?? plan
  const machine = job.measure.machine ?? ORDINARY_SPOKEN
  const { frame, look } = job.cut
  return { ...file, settings, machine, frame, look }
}

/**
 * The files of a planned cut, one per load and format, and one for the panels.
 * @param mark of an earlier cut that this one makes good
 */
export function writeFiles(
  job: Job,
  { box, things }: Pick<Derived, 'box' | 'things'>,
  plan: CutPlan,
  formats: readonly Format[],
  mark = markOf(job, plan),
): OutputFile[] {
  const stem = stemOf(job, mark)
  const pages = plan.loads.filter(({ paths }) => paths.length > 0)
  const files = pages.flatMap((load) =>
    dividePaths(load.paths, job.cut.files).flatMap((own, i) => {
      const whole = fileOf(job, box, plan, load, own, mark)
      // The sheet is laid once.
      const file = i === 0 ? whole : { ...whole, aim: [] }
      const name = [stem, pageName(load, box), own.name && fileStem(own.name)].filter(Boolean).join('-')
      return [
        ...(formats.includes('svg') ? [{ name: `${name}.svg`, content: writeSvg(file) }] : []),
        ...(formats.includes('dxf') ? [{ name: `${name}.dxf`, content: writeDxf(file) }] : []),
        ...(formats.includes('gcode')
          ? [{ name: `${name}.gcode`, content: writeCode(codeOf(job, plan, load, file)) }]
          : []),
      ]
    }),
  )
  if (!formats.includes('json')) return files
  const panels = things.map(({ thing, box: own }) => {
    const name = things.length > 1 ? `${stem}-${fileStem(thing.name)}` : stem
    return { name: `${name}-panels.json`, content: writePanels({ ...job, ...thing, name: job.name }, own) }
  })
  return [...files, ...panels]
}

/** The program of one load, whole. */
export const writeProgram = (
  job: Job,
  { box }: Pick<Derived, 'box'>,
  plan: CutPlan,
  load: LoadPlan,
): string => writeCode(codeOf(job, plan, load, fileOf(job, box, plan, load)))

/** Once more over some parts of a load that did not come free: their cuts alone, from the same origin. */
export function writeAgain(
  job: Job,
  { box }: Pick<Derived, 'box'>,
  plan: CutPlan,
  { load, parts, passes, mark }: { load: LoadPlan; parts: string[]; passes: number; mark: string },
  format: 'svg' | 'dxf' | 'gcode',
): OutputFile {
  const own = load.paths.filter(({ part, operation }) => cutsThrough(operation) && parts.includes(part))
  // A side that is cut with another part's is cut again with all of that one's outline.
  const hosts = new Set(own.flatMap(({ beside }) => beside ?? []))
  const paths = load.paths.filter(
    (path) => own.includes(path) || (path.operation === 'outline' && hosts.has(path.part)),
  )
  const file = { ...fileOf(job, box, plan, load, { name: 'again', paths }, mark), aim: [] }
  const name = `${stemOf(job, mark)}-${pageName(load, box)}-again.${format}`
  if (format === 'svg') return { name, content: writeSvg(file) }
  if (format === 'dxf') return { name, content: writeDxf(file) }
  const { settings, ...code } = codeOf(job, plan, load, file)
  const once = { ...settings.outline, passes }
  return {
    name,
    content: writeCode({ ...code, settings: { ...settings, inside: once, outline: once } }),
  }
}

/** The same loads on paper, at their true size. The library that makes them is fetched when it is needed. */
export async function writePapers(
  job: Job,
  { box }: Pick<Derived, 'box'>,
  plan: CutPlan,
  paper: Paper,
): Promise<BinaryFile[]> {
  const { writePdf } = await import('./pdf')
  const stem = stemOf(job, markOf(job, plan))
  const pages = plan.loads.filter(({ paths }) => paths.length > 0)
  return Promise.all(
    pages.map(async (load) => ({
      name: `${stem}-${pageName(load, box)}.pdf`,
      content: await writePdf(fileOf(job, box, plan, load), paper),
    })),
  )
}

/** What `exportJob` writes, and papers besides where they are asked for. */
export async function exportAll(
  job: Job,
  formats: readonly Format[],
  paper: Paper,
): Promise<
  { ok: true; files: (OutputFile | BinaryFile)[]; warnings: string[] } | { ok: false; error: string }
> {
  const all = deriveAll(job)
  const made = exportDerived(all, formats)
  if (!made.ok || !formats.includes('pdf')) return made
  const papers = await writePapers(all.job, all.derived, all.derived.plan!, paper)
  return { ...made, files: [...made.files, ...papers] }
}

export type Exported = { ok: true; files: OutputFile[]; warnings: string[] } | { ok: false; error: string }

/**
 * Writes what the Cut station would write, from a job alone: a stored layout is used when it still belongs
 * to the parts, otherwise one is made.
 * @returns the files, or one sentence why nothing may be written
 */
export const exportJob = (job: Job, formats: readonly Format[]): Exported =>
  exportDerived(deriveAll(job), formats)

function exportDerived(
  { job: laidOut, parts, derived }: ReturnType<typeof deriveAll>,
  formats: readonly Format[],
): Exported {
  const { things, plan } = derived
  if (!plan) {
    const [problem] = things.flatMap(({ box }) => box.problems)
    return { ok: false, error: problemSentence(problem, IN_METRIC) }
  }
  const checks = checksOf(laidOut, derived, parts, IN_METRIC, { formats })
  const said = (wanted: string): string[] =>
    checks.filter(({ state }) => state === wanted).map(({ title, detail }) => `${title}: ${detail}`)
  if (!readyToCut(derived, checks)) return { ok: false, error: said('stop')[0] }
  return { ok: true, files: writeFiles(laidOut, derived, plan, formats), warnings: said('look') }
}
