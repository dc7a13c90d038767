import { fixed, formatDuration, short } from './format'
import type { LengthUnit, SpeedUnit } from './parse'

/** How a maker thinks of lengths and speeds. Everything is kept in millimetres whatever is chosen here. */
export interface Units {
  length: LengthUnit
  /** Inches as fractions of a ruler where they are one. */
  fractions: boolean
  speed: SpeedUnit
}

export const METRIC: Units = { length: 'mm', fractions: false, speed: 'mm/s' }

/** Millimetres per second in one of each unit of speed. [DEF] */
/** Millimetres a second that one of each unit comes to. */
export const PER_SECOND: Record<SpeedUnit, number> = { 'mm/s': 1, 'mm/min': 1 / 60, 'in/min': 25.4 / 60 }

/** Decimals of an inch that say as much as `digits` decimals of a millimetre. */
const inchDigits = (digits: number): number => Math.min(4, digits + 1)

/** Parts of an inch on a finely divided ruler. */
const RULER = 64
/** A length this near to a mark of the ruler is on it, inches. */
const ON_MARK = 0.0004

/** Inches as a whole and a fraction; null when it is on no mark of the ruler. */
function fractionOf(inches: number): string | null {
  const parts = Math.round(Math.abs(inches) * RULER)
  if (Math.abs(parts / RULER - Math.abs(inches)) > ON_MARK) return null
  let [over, under] = [parts % RULER, RULER]
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2]
  const whole = Math.floor(parts / RULER)
  const sign = inches < 0 && parts > 0 ? '−' : ''
  if (over === 0) return `${sign}${whole}`
  return `${sign}${whole > 0 ? `${whole} ` : ''}${over}/${under}`
}

/** Says lengths and speeds as a maker has chosen; all of them are given in mm and mm/s. */
export interface Say {
  units: Units
  /** `3.05 mm`; with as many decimals as the instrument has. @param digits decimals of a millimetre */
  length: (mm: number, digits?: number) => string
  /** The figure without its unit, where the unit stands elsewhere. */
  plain: (mm: number, digits?: number) => string
  /** As short as it can be said, with its unit: for sizes that were typed. */
  short: (mm: number, digits?: number) => string
  /** The same without its unit. */
  shortPlain: (mm: number, digits?: number) => string
  /** `240 × 160 × 45 mm` */
  size: (mm: number[], digits?: number) => string
  /** A kerf or a gap: three decimals of a millimetre, four of an inch. */
  fine: (mm: number) => string
  finePlain: (mm: number) => string
  /** What calipers show, to their own resolution: 0.01 mm or 0.0005 in; finer where it was read finer. */
  reading: (mm: number) => string
  /** A change, with its sign. */
  signed: (mm: number, digits?: number) => string
  area: (mm2: number) => string
  volume: (mm3: number) => string
  /** The length of a way: metres or feet. */
  way: (mm: number) => string
  speed: (mmPerSecond: number) => string
  speedPlain: (mmPerSecond: number) => string
  /** The other units of a speed or a length, so that a mix-up shows. */
  otherSpeeds: (mmPerSecond: number) => string
  otherLength: (mm: number) => string
  lengthUnit: LengthUnit
  speedUnit: SpeedUnit
  duration: (seconds: number) => string
}

const SPEED_DIGITS: Record<SpeedUnit, number> = { 'mm/s': 2, 'mm/min': 0, 'in/min': 1 }

/** Whether a reading has more than hundredths of a millimetre. */
const isFiner = (mm: number): boolean => Math.abs(mm * 100 - Math.round(mm * 100)) > 0.05

/** A way of saying lengths and speeds in these units. */
export function sayIn(units: Units): Say {
  const inches = units.length === 'in'
  const unit = units.length
  const marked = (mm: number): string | null => (inches && units.fractions ? fractionOf(mm / 25.4) : null)
  const plain = (mm: number, digits = 2): string =>
    inches ? (marked(mm) ?? fixed(mm / 25.4, inchDigits(digits))) : fixed(mm, digits)
  const shortPlain = (mm: number, digits = 2): string =>
    inches ? (marked(mm) ?? short(mm / 25.4, inchDigits(digits))) : short(mm, digits)
  const finePlain = (mm: number): string => (inches ? fixed(mm / 25.4, 4) : fixed(mm, 3))
  const speedIn = (mmPerSecond: number, of: SpeedUnit): string =>
    short(mmPerSecond / PER_SECOND[of], SPEED_DIGITS[of])
  return {
    units,
    lengthUnit: unit,
    speedUnit: units.speed,
    plain,
    shortPlain,
    finePlain,
    reading: (mm) => (inches ? fixed(mm / 25.4, 4) : fixed(mm, isFiner(mm) ? 3 : 2)),
    length: (mm, digits = 2) => `${plain(mm, digits)} ${unit}`,
    short: (mm, digits = 2) => `${shortPlain(mm, digits)} ${unit}`,
    fine: (mm) => `${finePlain(mm)} ${unit}`,
    size: (mm, digits = 2) => `${mm.map((each) => plain(each, digits)).join(' × ')} ${unit}`,
    signed: (mm, digits = 2) => `${mm > 0 ? '+' : ''}${shortPlain(mm, digits)}`,
    area: (mm2) => (inches ? `${fixed(mm2 / 645.16, 2)} in²` : `${fixed(mm2 / 100, 1)} cm²`),
    volume: (mm3) =>
      inches
        ? `${fixed(mm3 / 16387.064, 1)} in³`
        : mm3 < 1e6
          ? `${fixed(mm3 / 1000, 0)} ml`
          : `${fixed(mm3 / 1e6, 2)} l`,
    way: (mm) => (inches ? `${fixed(mm / 304.8, 1)} ft` : `${fixed(mm / 1000, 2)} m`),
    speed: (mmPerSecond) => `${speedIn(mmPerSecond, units.speed)} ${units.speed}`,
    speedPlain: (mmPerSecond) => speedIn(mmPerSecond, units.speed),
    otherSpeeds: (mmPerSecond) =>
      (Object.keys(PER_SECOND) as SpeedUnit[])
        .filter((each) => each !== units.speed)
        .map((each) => `${speedIn(mmPerSecond, each)} ${each}`)
        .join(' · '),
    otherLength: (mm) => (inches ? `${fixed(mm, 2)} mm` : `${fixed(mm / 25.4, 3)} in`),
    duration: formatDuration,
  }
}

/** Millimetres and mm/s: what files and logs are written in. */
export const IN_METRIC = sayIn(METRIC)
