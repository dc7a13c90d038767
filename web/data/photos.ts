import { readPhoto, type Photo } from '@core/keep'
import { withDatabase } from './db'

const newestFirst = (a: Photo, b: Photo): number => b.taken.localeCompare(a.taken)

/** Photos whose place begins so; what cannot be read is left where it is. */
async function photosBelow(begin: string): Promise<Photo[]> {
  const range = IDBKeyRange.bound(begin, `${begin}\uffff`)
  const stored = await withDatabase((db) => db.getAll('photos', range))
  return stored.flatMap((each) => readPhoto(each) ?? []).sort(newestFirst)
}

/** Of a job, or of one of its cuts alone, the newest first. */
export const photosOf = (job: string, revision?: string): Promise<Photo[]> =>
  photosBelow(revision === undefined ? `${job}/` : `${job}/${revision}/`)

export const allPhotos = (): Promise<Photo[]> => photosBelow('')

export const keepPhotos = (photos: Photo[]): Promise<void> =>
  withDatabase(async (db) => {
    const transaction = db.transaction('photos', 'readwrite')
    await Promise.all([...photos.map((photo) => transaction.store.put(photo)), transaction.done])
  })

export const forgetPhoto = (id: string): Promise<void> => withDatabase((db) => db.delete('photos', id))
