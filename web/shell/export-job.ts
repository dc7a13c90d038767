import type { Job } from '@core/job'

/** A job as one file that the browser saves. */
export async function exportJobFile(job: Job): Promise<void> {
  const [{ fileStem, writeJob }, { download }] = await Promise.all([
    import('@core/files'),
    import('@web/data/download'),
  ])
  const stem = fileStem(job.name)
  download([{ name: `${stem}.json`, content: writeJob(job) }], `${stem}.zip`)
}
