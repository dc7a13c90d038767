import type { Job } from '../job'
import { parseLength } from '../length'

/** What a job that is kept as a kind of one's own asks for. */
export interface Question {
  name: string
  /** As it is in the job, mm. */
  value: number
}

const SIZES = ['width', 'depth', 'height'] as const

/** A named figure that is typed as such, and follows nothing. */
function plainFigure({ name, text, unit }: Job['figures'][number]): Question[] {
  const read = parseLength(text, unit)
  return read.ok ? [{ name, value: Number(read.value.toFixed(4)) }] : []
}

/** The named figures of a job that are typed; where it has none, its sizes that follow nothing. */
export function questionsOf(job: Job): Question[] {
  const figures = job.figures.flatMap(plainFigure)
  if (figures.length > 0) return figures
  const follows = job.follows
    .filter(({ thing }) => thing === job.thing.id)
    .map(({ field }) => field as string)
  return SIZES.filter((size) => !follows.includes(size)).map((name) => ({ name, value: job.box[name] }))
}

/**
 * A new job like one that is kept as a kind, with other figures: nothing of it is cut, laid out or built.
 * What follows is still to be settled. @param answers by the names of its questions, mm
 */
export function fromTemplate(
  job: Job,
  answers: Record<string, number>,
  about: Pick<Job, 'id' | 'name' | 'changed' | 'measure'>,
): Job {
  const asked = questionsOf(job).filter(({ name }) => name in answers)
  const isFigure = (name: string): boolean => job.figures.some((figure) => figure.name === name)
  const sizes = asked.filter(({ name }) => !isFigure(name)).map(({ name }) => [name, answers[name]])
  return {
    ...job,
    ...about,
    template: false,
    box: { ...job.box, ...(Object.fromEntries(sizes) as Partial<Job['box']>) },
    figures: job.figures.map((figure) =>
      asked.some(({ name }) => name === figure.name)
        ? { ...figure, text: String(answers[figure.name]), unit: 'mm' as const }
        : figure,
    ),
    layout: { ...job.layout, arrangement: null },
    cut: { ...job.cut, written: null },
    build: { ...job.build, done: [], count: null },
    price: { ...job.price, customer: '', note: '', boxes: 1 },
    batch: [],
    mockOf: null,
    log: [],
  }
}
