import { MOST_PHOTO, PHOTO_SIDE, type Photo } from '@core/keep'
import { scaledPhoto as words } from './words'

/** A picture file larger than this is not even looked at, bytes. */
const LARGEST = 60_000_000
/** How well it is drawn, best first: the first that is small enough is kept. */
const QUALITIES = [0.82, 0.7, 0.5, 0.3]

export type Scaled =
  | { ok: true; photo: Pick<Photo, 'width' | 'height' | 'data'> }
  | { ok: false; error: string }

/**
 * A picture as it is kept: drawn anew, no longer than it need be. Whatever else was in its file, where it was
 * taken above all, is left out.
 */
export async function scaledPhoto(file: File): Promise<Scaled> {
  const refuse = (why: string): Scaled => ({ ok: false, error: words.notTaken(file.name, why) })
  if (file.size > LARGEST) return refuse(words.largerMbChoose(LARGEST / 1e6))
  const picture = await createImageBitmap(file).catch(() => null)
  if (!picture) return refuse(words.browserCannotRead)
  const scale = Math.min(1, PHOTO_SIDE / Math.max(picture.width, picture.height))
  const [width, height] = [picture.width, picture.height].map((side) => Math.max(1, Math.round(side * scale)))
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const context = canvas.getContext('2d')
  if (!context) return refuse(words.browserCannotDraw)
  context.fillStyle = 'white' // what can be seen through would be black
  context.fillRect(0, 0, width, height)
  context.drawImage(picture, 0, 0, width, height)
  picture.close()
  for (const quality of QUALITIES) {
    const data = canvas.toDataURL('image/jpeg', quality).replace('data:image/jpeg;base64,', '')
    if (data.length <= MOST_PHOTO) return { ok: true, photo: { width, height, data } }
  }
  return refuse(words.holdsTooMuch)
}
