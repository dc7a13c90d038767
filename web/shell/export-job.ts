import type { Job } from '@core/job'
import { fileStem, writeJob } from '@core/keep'
import { download } from '@web/data/download'

/** A job as one file that the browser saves. */
export async function exportJobFile(job: Job): Promise<void> {
  const stem = fileStem(job.name)
  await download([{ name: `${stem}.json`, content: writeJob(job) }], `${stem}.zip`)
}
