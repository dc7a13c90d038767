import { greysFrom, pictureFrom, pictureSize, type Picture } from '@core/art'
import { picture as words } from './words'

const UNREADABLE = words.pictureCannotRead

/** Reads a picture from a file: its size is looked at before anything of it is decoded. */
export async function readPicture(
  file: File,
): Promise<{ ok: true; picture: Picture } | { ok: false; error: string }> {
  const told = pictureSize(await file.arrayBuffer())
  if (!told.ok) return told
  try {
    const bitmap = await createImageBitmap(file)
    const { width, height } = bitmap
    const canvas = new OffscreenCanvas(width, height)
    const context = canvas.getContext('2d')!
    context.drawImage(bitmap, 0, 0)
    bitmap.close()
    const { data } = context.getImageData(0, 0, width, height)
    const name = file.name.replace(/\.[a-z]+$/i, '')
    return { ok: true, picture: pictureFrom(greysFrom(data, width, height), crypto.randomUUID(), name) }
  } catch {
    return { ok: false, error: UNREADABLE }
  }
}
