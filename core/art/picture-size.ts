import { pictureSize as words } from './words'

/** A file larger than this is refused before it is decoded, bytes; and a picture with more points. */
const LARGEST_PICTURE = 12_000_000
const MOST_DECODED = 40_000_000

/** How wide and high a picture says it is. */
interface PictureSize {
  width: number
  height: number
}

const isPng = (bytes: DataView): boolean =>
  bytes.byteLength > 24 && bytes.getUint32(0) === 0x89504e47 && bytes.getUint32(4) === 0x0d0a1a0a

/** Frames of a JPEG that tell its size: C0 to CF, but tables and such. [PUB: ITU-T T.81, table B.1] */
const isFrame = (marker: number): boolean =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)

function jpegSize(bytes: DataView): PictureSize | null {
  if (bytes.byteLength < 4 || bytes.getUint16(0) !== 0xffd8) return null
  let at = 2
  while (at + 9 < bytes.byteLength) {
    if (bytes.getUint8(at) !== 0xff) return null
    const marker = bytes.getUint8(at + 1)
    if (isFrame(marker)) return { height: bytes.getUint16(at + 5), width: bytes.getUint16(at + 7) }
    // Markers without a length of their own, and bytes that fill up.
    at +=
      marker === 0xff
        ? 1
        : marker === 0x01 || (marker >= 0xd0 && marker <= 0xd7)
          ? 2
          : 2 + Math.max(2, bytes.getUint16(at + 2))
  }
  return null
}

/**
 * Whether a picture may be decoded, told from its first bytes: one that unfolds to more than there is room
 * for is refused before anything of it is made. [PUB: W3C, Portable Network Graphics 3, 11.2.1 for PNG]
 */
export function pictureSize(
  file: ArrayBuffer,
): { ok: true; size: PictureSize } | { ok: false; error: string } {
  const refused = (error: string): { ok: false; error: string } => ({ ok: false, error })
  if (file.byteLength > LARGEST_PICTURE) return refused(words.pictureLargerMb(LARGEST_PICTURE / 1e6))
  const bytes = new DataView(file)
  const size = isPng(bytes) ? { width: bytes.getUint32(16), height: bytes.getUint32(20) } : jpegSize(bytes)
  if (!size) return refused(words.onlyPngJpeg)
  if (size.width < 2 || size.height < 2) return refused(words.pictureNoPoints)
  if (size.width * size.height > MOST_DECODED)
    return refused(words.picturePointsMore(size.width, size.height, MOST_DECODED / 1e6))
  return { ok: true, size }
}
