import { makePlanner } from './planning'
import type { Request } from './protocol'

const planner = makePlanner({
  answer: (message, blocks = []) => self.postMessage(message, { transfer: blocks }),
  breath: 40,
})
self.onmessage = ({ data }: MessageEvent<Request>): void => planner(data)
