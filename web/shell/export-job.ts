import type { Job } from '@core/job'
import { fileStem, writeJobFile } from '@core/keep'
import { recordsOfJob } from '@web/data/cut-records'
import { download } from '@web/data/download'
import { photosOf } from '@web/data/photos'

/** A job with what was written of it and its photos, as one file that the browser saves. */
export async function exportJobFile(job: Job): Promise<void> {
  const records = await recordsOfJob(job.id).catch(() => [])
  const photos = await photosOf(job.id).catch(() => [])
  const stem = fileStem(job.name)
  await download([{ name: `${stem}.json`, content: writeJobFile(job, { records, photos }) }], `${stem}.zip`)
}
