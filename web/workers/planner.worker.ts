import { config } from 'zod'
import { makePlanner } from './planning'
import type { Request } from './protocol'

config({ jitless: true }) // the page's policy forbids making code from text

const planner = makePlanner({
  answer: (message, blocks = []) => self.postMessage(message, { transfer: blocks }),
  breath: 40,
})
self.onmessage = ({ data }: MessageEvent<Request>): void => planner(data)
