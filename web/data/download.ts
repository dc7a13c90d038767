/** A file that the browser saves. */
export interface Download {
  name: string
  content: string | Uint8Array
}

const TYPES: Record<string, string> = {
  csv: 'text/csv',
  json: 'application/json',
  svg: 'image/svg+xml',
  dxf: 'image/vnd.dxf',
  zip: 'application/zip',
  pdf: 'application/pdf',
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
export async function download(files: Download[], zipName: string): Promise<void> {
  if (files.length === 1) {
    save(files[0].name, files[0].content as BlobPart)
    return
  }
  const { strToU8, zipSync } = await import('fflate')
  const entries = Object.fromEntries(
    files.map(({ name, content }) => [name, typeof content === 'string' ? strToU8(content) : content]),
  )
  save(zipName, zipSync(entries) as Uint8Array<ArrayBuffer>)
}
