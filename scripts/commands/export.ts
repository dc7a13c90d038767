import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { exportJob, FORMATS, type Format } from '../../core/files'
import { readJobFile } from './read-job-file'
import { refuse } from './refuse'

export const EXPORT_USAGE = `export JOB.json --out DIR --format ${FORMATS.join(',')}`

function readArguments(args: string[], usage: string): { file: string; out: string; formats: Format[] } {
  try {
    const { positionals, values } = parseArgs({
      args,
      allowPositionals: true,
      options: { out: { type: 'string' }, format: { type: 'string', default: 'svg' } },
    })
    const [file] = positionals
    const formats = values.format.split(',').map((format) => format.trim())
    const unknown = formats.find((format) => !FORMATS.includes(format as Format))
    if (!file || !values.out) refuse(usage)
    if (unknown !== undefined)
      refuse(
        `The format “${unknown}” is not known. Use one or more of ${FORMATS.join(', ')}, ` +
          'with commas between.',
      )
    return { file, out: values.out, formats: formats as Format[] }
  } catch (error) {
    return refuse(`${(error as Error).message.split('\n')[0]} ${usage}`)
  }
}

/** Writes what the Cut station would write. */
export function runExport(args: string[], usage: string): void {
  const { file, out, formats } = readArguments(args, usage)
  const result = exportJob(readJobFile(file), formats)
  if (!result.ok) refuse(`No file is written. ${result.error}`)
  for (const warning of result.warnings) console.error(`Look again: ${warning}`)
  try {
    mkdirSync(out, { recursive: true })
    for (const { name, content } of result.files) writeFileSync(join(out, name), content)
  } catch (error) {
    refuse(
      `The files cannot be written to ${out}: ${(error as Error).message}. Give a folder that ` +
        'may be written to.',
    )
  }
  for (const { name } of result.files) console.log(join(out, name))
}
