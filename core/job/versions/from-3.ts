import { isObject, type RawRecord } from '../raw-record'

/** A machine of version 3 had no colour for pockets. */
export const machineFrom3 = (machine: RawRecord): RawRecord =>
  isObject(machine.colours) ? { ...machine, colours: { pocket: '#4f6b2f', ...machine.colours } } : machine

/** What a box of version 3 was, without saying so: fingers on every edge, nothing inside, one stock. */
const BOX_OF_3 = {
  corners: { kind: 'fingers', leads: 'front and back', setIn: 0 },
  floor: { kind: 'fingers', raised: 0, depth: 1, ledge: 8, arch: 0 },
  lid: { kind: 'fingers', lowered: 0 },
  bolts: { uprights: null, floor: null, top: null },
  edges: {},
  dividers: {
    columns: { cells: [], height: null, lift: 0 },
    rows: { cells: [], height: null, lift: 0 },
    into: 'slot',
    depth: 1,
    scoop: 0,
  },
  play: { slots: 0, laps: 0.2, loose: 0.5 },
  stocks: {},
  seams: false,
}

const tabsFrom3 = (tabs: unknown): unknown =>
  isObject(tabs) ? { ...tabs, mirrored: false, keyed: false } : tabs

function measureFrom3(measure: RawRecord): RawRecord {
  const { machine } = measure
  return { ...measure, machine: isObject(machine) ? machineFrom3(machine) : machine, more: [] }
}

/** A job of version 3. */
export function from3(job: RawRecord): RawRecord {
  const box = isObject(job.box) ? { ...BOX_OF_3, ...job.box, tabs: tabsFrom3(job.box.tabs) } : job.box
  const measure = isObject(job.measure) ? measureFrom3(job.measure) : job.measure
  const cut = isObject(job.cut) ? { ...job.cut, letters: false, face: 'outside' } : job.cut
  const pocket = { speed: 300, power: 40, passes: 1, air: false }
  const tune = isObject(job.tune) ? { ...job.tune, pocket } : job.tune
  const alone = { thing: { id: 'a', name: 'box' }, also: [], figures: [], follows: [], mockOf: null }
  return { ...job, ...alone, version: 4, box, measure, cut, tune }
}
