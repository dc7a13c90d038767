import { existsSync, mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { exportJob, FORMATS, type Format } from '../core/files'
import { JOB_FILE_LIMIT, readJob } from '../core/keep'

const USAGE = `Usage: npm run --silent uplands -- export JOB.json --out DIR --format ${FORMATS.join(',')}`

/** Ends with one sentence; 2 is "what you gave me cannot be used". */
function refuse(sentence: string): never {
  console.error(sentence)
  process.exit(2)
}

function readArguments(): { file: string; out: string; formats: Format[] } {
  try {
    const { positionals, values } = parseArgs({
      allowPositionals: true,
      options: { out: { type: 'string' }, format: { type: 'string', default: 'svg' } },
    })
    const [command, file] = positionals
    const formats = values.format.split(',').map((format) => format.trim())
    const unknown = formats.find((format) => !FORMATS.includes(format as Format))
    if (command !== 'export' || !file || !values.out) refuse(USAGE)
    if (unknown !== undefined)
      refuse(
        `The format “${unknown}” is not known. Use one or more of ${FORMATS.join(', ')}, ` +
          'with commas between.',
      )
    return { file, out: values.out, formats: formats as Format[] }
  } catch (error) {
    return refuse(`${(error as Error).message.split('\n')[0]} ${USAGE}`)
  }
}

function readText(file: string): string {
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

const { file, out, formats } = readArguments()
const read = readJob(readText(file))
if (!read.ok) refuse(read.error)
const result = exportJob(read.job, formats)
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
