import { readPhoto, type Photo } from '@core/keep'
import { withDatabase } from './db'

const newestFirst = (a: Photo, b: Photo): number => b.taken.localeCompare(a.taken)

const below = (begin: string): IDBKeyRange => IDBKeyRange.bound(begin, `${begin}\uffff`)

/** Photos whose place begins so; what cannot be read is left where it is. */
async function photosBelow(begin: string): Promise<Photo[]> {
  const stored = await withDatabase((db) => db.getAll('photos', below(begin)))
  return stored.flatMap((each) => readPhoto(each) ?? []).sort(newestFirst)
}

/** Of a job, or of one of its cuts alone, the newest first. */
export const photosOf = (job: string, revision?: string): Promise<Photo[]> =>
  photosBelow(revision === undefined ? `${job}/` : `${job}/${revision}/`)

/** How many photos there are of each cut of a job: told from their places, none is read. */
export async function countPhotos(job: string): Promise<Map<string, number>> {
  const places = await withDatabase((db) => db.getAllKeys('photos', below(`${job}/`)))
  const counts = new Map<string, number>()
  for (const place of places) {
    const revision = place.split('/').at(-2)!
    counts.set(revision, (counts.get(revision) ?? 0) + 1)
  }
  return counts
}

export const allPhotos = (): Promise<Photo[]> => photosBelow('')

export const keepPhotos = (photos: Photo[]): Promise<void> =>
  withDatabase(async (db) => {
    const transaction = db.transaction('photos', 'readwrite')
    await Promise.all([...photos.map((photo) => transaction.store.put(photo)), transaction.done])
  })

export const forgetPhoto = (id: string): Promise<void> => withDatabase((db) => db.delete('photos', id))
