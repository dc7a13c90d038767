import { join } from 'node:path'
import { exportAll, PAPER_NAMES, type Paper } from '../../core/files'
import { FORMATS, type Format } from '../../core/plan'
import { readJobFile } from './read-job-file'
import { readArguments } from './arguments'
import { refuse } from './refuse'
import { writeAll } from './write-files'

interface Asked {
  file: string
  out: string
  formats: Format[]
  paper: Paper
}

function asked(args: string[], usage: string): Asked {
  const { positionals, values } = readArguments(args, usage, {
    out: { type: 'string' },
    format: { type: 'string', default: 'svg' },
    paper: { type: 'string', default: 'A4' },
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
  const paper = PAPER_NAMES.find((name) => name === values.paper)
  if (!paper) return refuse(`There is no paper “${values.paper}”. Use one of ${PAPER_NAMES.join(', ')}.`)
  return { file, out: values.out, formats: formats as Format[], paper }
}

/** Writes what the Cut station would write. */
export async function runExport(args: string[], usage: string): Promise<void> {
  const { file, out, formats, paper } = asked(args, usage)
  const result = await exportAll(readJobFile(file), formats, paper)
  if (!result.ok) refuse(`No file is written. ${result.error}`)
  for (const warning of result.warnings) console.error(`Look again: ${warning}`)
  const done = writeAll(out, result.files)
  if (!done.ok) refuse(`No file is written to ${out}: ${done.why}. Give a folder that may be written to.`)
  for (const { name } of result.files) console.log(join(out, name))
}
