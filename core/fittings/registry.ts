import { z } from 'zod'
import { topButt, topFingers, topOutside, topTenon } from './fixed-top'
import type { FittingKind, LidKind } from './fitting'
import { contents } from './contents'
import { flipLid } from './flip-lid'
import { holes } from './holes'
import { liftingLid } from './lifting-lid'
import { lining } from './lining'
import { pinLid } from './pin-lid'
import { plate } from './plate'
import { pull } from './pull'
import { rebateLid } from './rebate-lid'
import { rim } from './rim'
import { rimArch } from './rim-arch'
import { runners } from './runners'
import { slidingLid } from './sliding-lid'
import { softened } from './softened'
import { trayLedge } from './tray-ledge'

/** Everything that closes a box, in the order in which it is offered. */
const LIDS = [
  topFingers,
  topButt,
  topOutside,
  topTenon,
  slidingLid,
  liftingLid,
  pinLid,
  rebateLid,
  flipLid,
] as const
/** Everything else that can be added to a box. */
const OTHERS = [plate, pull, lining, trayLedge, runners, holes, rim, softened, rimArch, contents] as const

/** One thing that is added to a box. */
export const fittingSchema = z.discriminatedUnion('type', [
  ...LIDS.map(({ schema }) => schema),
  ...OTHERS.map(({ schema }) => schema),
] as never) as unknown as z.ZodType<Fitting>

type OwnOf<K> = K extends FittingKind<infer Own> ? Own : never
export type Lid = OwnOf<(typeof LIDS)[number]>
export type Fitting = Lid | OwnOf<(typeof OTHERS)[number]>
export type FittingType = Fitting['type']
export type FittingOf<T extends FittingType> = Extract<Fitting, { type: T }>

type AnyLid = LidKind<Lid>
type AnyKind = FittingKind<Fitting>
const ALL_LIDS = LIDS as unknown as readonly AnyLid[]
const ALL = [...LIDS, ...OTHERS] as unknown as readonly AnyKind[]
const byType = new Map(ALL.map((kind) => [kind.type, kind]))
const lidByType = new Map(ALL_LIDS.map((kind) => [kind.type, kind]))

/** All kinds of fittings: the only list. */
export const FITTINGS: readonly AnyKind[] = ALL
/** Names of what may close a box. */
export const LID_NAMES: readonly string[] = ALL_LIDS.map(({ name }) => name)

export const kindOfFitting = (type: FittingType): AnyKind => byType.get(type)!
export const kindOfLid = (lid: Lid): AnyLid => lidByType.get(lid.type)!
export const lidNamed = (name: string): AnyLid => ALL_LIDS.find((kind) => kind.name === name)!

/** Whether what is of a type closes a box. */
export const closes = (type: FittingType): boolean => lidByType.has(type as Lid['type'])
export const isLid = (fitting: Fitting): fitting is Lid => closes(fitting.type)
