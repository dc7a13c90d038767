import { initWasm, Resvg } from '@resvg/resvg-wasm'
import wasm from '@resvg/resvg-wasm/index_bg.wasm?url'
import { readArtwork } from '@core/art'
import { compareFiles } from '@core/files'
import type { ArtAnswer, ArtRequest } from './art'
import { artWorker as words } from './words'

/** Reads files of others, so that none of them can hold up the page. */
const begun = initWasm(fetch(wasm))

function flatten(svg: string): string {
  const read = new Resvg(svg)
  try {
    return read.toString()
  } finally {
    read.free()
  }
}

self.addEventListener('message', ({ data }: MessageEvent<ArtRequest>) => {
  void begun.then(
    () => self.postMessage(answer(data)),
    () => self.postMessage({ ok: false, error: words.partReadsDrawings }),
  )
})

function answer(request: ArtRequest): ArtAnswer {
  if (request.kind === 'read') return readArtwork(request.name, request.text, flatten)
  return compareFiles(request.files, request.load, request.machine, flatten)
}
