import type { KerfRecord } from '../../core/kerf'
import type { CheckRecord, PromiseRecord } from '../../core/belief'
import type { Order } from '../../core/orders'

/** Calipers that were closed on a gauge. */
export const aCheck: CheckRecord = {
  id: 'c',
  about: 'calipers',
  machineId: null,
  stockId: null,
  kerfId: null,
  off: [0.01],
  at: [null],
  doubt: 0.006,
  slot: null,
  on: '',
  note: '',
}

/** A fit that came as it was promised. */
export const aPromise: PromiseRecord = {
  id: 'p',
  on: '2026-10-02',
  note: '',
  promised: {
    wanted: 'snug',
    odds: { forced: 0, press: 0.1, snug: 0.8, easy: 0.1, loose: 0 },
    half: 0.02,
    shift: 0,
    scale: 1,
    through: 0.95,
    throughScale: 1,
  },
  word: 'snug',
  off: 0.004,
  came: true,
}

/** A kerf that five squares were measured for. */
export const SQUARES_KERF: KerfRecord = {
  id: 'k',
  machineId: 'm',
  stockId: 's',
  width: 0.16,
  doubt: 0.01,
  kx: null,
  ky: null,
  method: 'squares',
  setting: '',
  on: '',
  how: '',
}

/** Somebody wants three boxes. */
export const anOrder: Order = {
  id: 'o',
  number: 1,
  customer: 'Moor school',
  job: 'j',
  name: 'Tray',
  boxes: 3,
  due: '2026-12-04',
  note: '',
  state: 'waiting',
  reserved: [],
  taken: '2026-11-28T09:00:00.000Z',
}
