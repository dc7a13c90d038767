import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

/** Every page's size in points and its words, read by pdf.js, a library of its own descent. */
export async function pagesOf(bytes: Uint8Array): Promise<{ width: number; height: number; text: string }[]> {
  const document = await getDocument({ data: bytes, isEvalSupported: false, verbosity: 0 }).promise
  const pages: { width: number; height: number; text: string }[] = []
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number)
    const { width, height } = page.getViewport({ scale: 1 })
    const { items } = await page.getTextContent()
    pages.push({ width, height, text: items.map((item) => ('str' in item ? item.str : '')).join(' ') })
  }
  return pages
}
