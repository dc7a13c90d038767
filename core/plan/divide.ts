import { OPERATION_NAMES } from '../machine'
import type { FilesPer } from './choices'
import type { CutPath } from './path'
import { stagesOf } from './stages'

/** Paths of a file, in cutting order, and what is added to its name. */
export interface PathsOfFile {
  name: string
  paths: CutPath[]
}

/** The paths of a load by the files that they go into; numbered where one has to come before the next. */
export function dividePaths(paths: CutPath[], per: FilesPer): PathsOfFile[] {
  if (per === 'sheet') return [{ name: '', paths }]
  if (per === 'operation')
    return stagesOf(paths).map(({ operation, own, paths: ofStage }, i) => ({
      name: `${i + 1} ${own ?? OPERATION_NAMES[operation]}`,
      paths: ofStage,
    }))
  // By the part that is done with first: what lies in an opening comes before what is round it.
  const last = new Map(paths.map(({ part }, i) => [part, i]))
  return [...last]
    .sort(([, a], [, b]) => a - b)
    .map(([part]) => ({ name: part, paths: paths.filter((path) => path.part === part) }))
}
