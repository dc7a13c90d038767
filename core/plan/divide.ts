import { OPERATION_NAMES } from '../machine'
import type { CutPath } from './path'

/** What one file is written for: a load of a sheet, each operation on it, or each part on it. */
export const FILES_PER = ['sheet', 'operation', 'part'] as const
export type FilesPer = (typeof FILES_PER)[number]

/** Paths of a file, in cutting order, and what is added to its name. */
export interface PathsOfFile {
  name: string
  paths: CutPath[]
}

/** The paths of a load by the files that they go into; numbered where one has to come before the next. */
export function dividePaths(paths: CutPath[], per: FilesPer): PathsOfFile[] {
  if (per === 'sheet') return [{ name: '', paths }]
  const found = new Map<string, CutPath[]>()
  for (const path of paths) {
    const key = per === 'operation' ? (path.own ?? OPERATION_NAMES[path.operation]) : path.part
    const own = found.get(key)
    if (own) own.push(path)
    else found.set(key, [path])
  }
  return [...found].map(([key, own], i) => ({
    name: per === 'operation' ? `${i + 1} ${key}` : key,
    paths: own,
  }))
}
