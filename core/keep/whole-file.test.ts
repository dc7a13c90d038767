import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveAll } from '../derive'
import { MOST_RECORDS, photoId, readJob, recordOf, writeJob, writeJobFile, type Photo } from './index'

const tray = demo('specimen-tray')
const date = '2026-10-04T10:00:00.000Z'
const { job: laid, derived, parts } = deriveAll(tray)
const record = recordOf(laid, derived.plan!, parts, date)
const [{ id: cut }] = tray.log
const photo: Photo = {
  id: photoId(tray.id, cut, 'p'),
  job: tray.id,
  revision: cut,
  taken: date,
  caption: '',
  width: 4,
  height: 3,
  data: '/9j/4AAQSkZJRgABAQ==',
}

describe('a job file with what belongs to it', () => {
  test('is read back, and is the plain file where nothing was', () => {
    const job = {
      ...tray,
      cut: { ...tray.cut, written: { signature: record.signature, date, mark: record.mark } },
    }
    const attachments = { records: [record], photos: [photo] }
    expect(readJob(writeJobFile(job, attachments))).toEqual({ ok: true, job, attachments })
    expect(writeJobFile(job, { records: [], photos: [] })).toBe(writeJob(job))
    expect(readJob(writeJob(job))).toEqual({ ok: true, job, attachments: { records: [], photos: [] } })
  })
  test('with a spoilt record, or one of another job, is refused whole', () => {
    const text = writeJobFile(tray, { records: [record], photos: [] })
    for (const spoilt of [
      text.replace('"face":"only"', '"face":"both"'),
      text.replace(`"job":"${tray.id}"`, '"job":"other"'),
      writeJob(tray).replace(/\n}\n$/, ', "cutRecords": 5}'),
      writeJob(tray).replace(/\n}\n$/, `, "cutRecords": [${'null,'.repeat(MOST_RECORDS)}null]}`),
    ])
      expect(readJob(spoilt)).toEqual({
        ok: false,
        error: expect.stringMatching(/^What was cut of the job can.*again\.$/),
      })
  })
  test('leaves out photos of cuts that were taken out of the log', () => {
    const text = writeJobFile({ ...tray, log: [] }, { records: [], photos: [photo] })
    expect(text).toBe(writeJob({ ...tray, log: [] }))
  })
  test('with a spoilt photo, or one of another job, is refused whole', () => {
    const text = writeJobFile(tray, { records: [], photos: [photo] })
    for (const spoilt of [
      text.replace('"/9j/', '"iVBO'),
      text.replace(`"job":"${tray.id}"`, '"job":"other"'),
      text.replace('"width":4', '"width":4000'),
      writeJob(tray).replace(/\n}\n$/, ', "photos": {}}'),
    ])
      expect(readJob(spoilt)).toEqual({
        ok: false,
        error: expect.stringMatching(/^What was photographed of the job can.*again\.$/),
      })
  })
  test('leaves out the oldest photos when they are too much for a file', () => {
    const data = `/9j/${'A'.repeat(1_400_000)}`
    const all = Array.from({ length: 35 }, (_, i) => ({ ...photo, id: photoId(tray.id, cut, `${i}`), data }))
    const read = readJob(writeJobFile(tray, { records: [], photos: all }))
    if (!read.ok) throw new Error(read.error)
    expect(read.attachments.photos.map(({ id }) => id)).toEqual(all.slice(0, 28).map(({ id }) => id))
  })
  test('leaves out the oldest records when they are too much for a file', () => {
    const long = { ...record, parts: record.parts.map((part) => ({ ...part, label: 'x'.repeat(190) })) }
    const fat = {
      ...long,
      loads: long.loads.map((load) => ({
        ...load,
        paths: Array.from({ length: 300 }, () => load.paths).flat(),
      })),
    }
    const all = Array.from({ length: 8 }, (_, i) => ({ ...fat, id: `${tray.id}/${i}`, mark: String(i) }))
    const size = JSON.stringify(all[0]).length
    const read = readJob(writeJobFile(tray, { records: all, photos: [] }))
    if (!read.ok) throw new Error(read.error)
    expect(read.attachments.records.map(({ mark }) => mark)).toEqual(
      all.slice(0, Math.floor(20_000_000 / size)).map(({ mark }) => mark),
    )
    expect(read.attachments.records.length).toBeLessThan(8)
  })
})
