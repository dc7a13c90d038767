import { SimulatedLaser, type LaserAnswer, type LaserRequest } from '@core/rehearse'
import { laserWorker as words } from './words'

/** How often its state is told, ms. */
const TOLD_EVERY = 200

let laser: SimulatedLaser | null = null
let times = 1
let ticked = 0
const tell = (answer: LaserAnswer): void => self.postMessage(answer)

/** Lets its time go by. */
function follow(): void {
  const now = performance.now()
  laser?.tick(((now - ticked) / 1000) * times)
  ticked = now
}

function answerTo(request: LaserRequest): LaserAnswer {
  const { id } = request
  if (request.ask === 'connect') {
    laser = new SimulatedLaser(request.setup)
    times = request.times
    return { id, ok: true, state: laser.state() }
  }
  if (!laser) return { id, ok: false, error: words.noLaserConnected }
  if (request.ask === 'pieces') {
    const found = laser.pieces()
    return found.ok ? { id, ok: true, state: laser.state(), pieces: found.pieces } : { id, ...found }
  }
  const done = request.ask === 'program' ? laser.load(request.text) : laser.act(request.act)
  return done.ok ? { id, ok: true, state: laser.state() } : { id, ...done }
}

self.onmessage = ({ data }: MessageEvent<LaserRequest>): void => {
  follow()
  tell(answerTo(data))
}
setInterval(() => {
  follow()
  if (laser) tell({ id: null, state: laser.state() })
}, TOLD_EVERY)
