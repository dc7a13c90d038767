import { makeHelper } from './helping'
import type { Request } from './protocol'

const helper = makeHelper({ answer: (message) => self.postMessage(message), breath: 40 })
self.onmessage = ({ data }: MessageEvent<Request>): void => helper(data)
