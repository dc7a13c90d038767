import { existsSync, readFileSync, statSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Job } from '../../core/job'
import { JOB_FILE_LIMIT, readJob } from '../../core/keep'
import { refuse } from './refuse'

/** A file's text, or a sentence why it has none. */
export function readText(file: string): string {
  const path = resolve(file)
  if (!existsSync(path) || !statSync(path).isFile())
    refuse(`There is no file ${file}. Give the path of a job file.`)
  if (statSync(path).size > JOB_FILE_LIMIT)
    refuse(
      `${file} is larger than ${JOB_FILE_LIMIT / 1e6} MB, which no job is. Choose a file that ` +
        'Uplands exported.',
    )
  return readFileSync(path, 'utf8')
}

/** The job in a file, or a sentence why it is none. */
export function readJobFile(file: string): Job {
  const read = readJob(readText(file))
  return read.ok ? read.job : refuse(read.error)
}
