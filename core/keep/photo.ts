import { z } from 'zod'
import type { Job } from '../job'

/** The longer side of a photo as it is kept, px, and how much of it may be kept, characters of its text. */
export const PHOTO_SIDE = 1600
export const MOST_PHOTO = 1_500_000
/** Photos that one cut keeps. */
export const MOST_PHOTOS = 12

const identifier = z.string().min(1).max(60)
const side = z.number().int().min(1).max(PHOTO_SIDE)

/** A photo of a cut. It is JPEG, drawn anew when it was taken in: nothing else of its file is kept. */
const photoSchema = z.strictObject({
  /** Job, revision and its own, so that those of one cut stand together. */
  id: z.string().min(1).max(200),
  job: identifier,
  revision: identifier,
  taken: z.string().max(40),
  caption: z.string().max(200),
  width: side,
  height: side,
  /** Base64, and it begins as a JPEG does. [PUB: ISO/IEC 10918-1, SOI marker FF D8 FF] */
  data: z
    .string()
    .max(MOST_PHOTO)
    .regex(/^\/9j\/[A-Za-z0-9+/]+={0,2}$/),
})
export type Photo = z.infer<typeof photoSchema>

/** Where a photo is kept. */
export const photoId = (job: string, revision: string, own: string): string => `${job}/${revision}/${own}`

/** The same photo, as one of another job. */
export const photoOfJob = (photo: Photo, job: string): Photo =>
  photo.job === job ? photo : { ...photo, job, id: photoId(job, photo.revision, photo.id.split('/').pop()!) }

/** A photo from a file or from storage; null where it cannot be read, or says that it is another's. */
export function readPhoto(raw: unknown): Photo | null {
  const photo = photoSchema.safeParse(raw).data
  return photo?.id.startsWith(`${photo.job}/${photo.revision}/`) ? photo : null
}

/** The photos of the cuts that are in a job's log: those of a cut that was taken out go nowhere. */
export function photosInLog({ id, log }: Pick<Job, 'id' | 'log'>, photos: Photo[]): Photo[] {
  const cuts = new Set(log.map((revision) => revision.id))
  return photos.filter(({ job, revision }) => job === id && cuts.has(revision))
}
