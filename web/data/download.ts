import { strToU8, zipSync } from 'fflate'

/** A file that the browser saves. */
export interface Download {
  name: string
  content: string
}

const TYPES: Record<string, string> = {
  json: 'application/json',
  svg: 'image/svg+xml',
  dxf: 'image/vnd.dxf',
  zip: 'application/zip',
}

function save(name: string, content: BlobPart): void {
  const url = URL.createObjectURL(
    new Blob([content], { type: TYPES[name.split('.').pop()!] ?? 'text/plain' }),
  )
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

/** One file as it is, several in one zip. */
export function download(files: Download[], zipName: string): void {
  if (files.length === 1) {
    save(files[0].name, files[0].content)
    return
  }
  save(
    zipName,
    zipSync(
      Object.fromEntries(files.map(({ name, content }) => [name, strToU8(content)])),
    ) as Uint8Array<ArrayBuffer>,
  )
}
