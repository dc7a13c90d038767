/** The check tries an eighth of what a generator could; `npm run check -- --all` tries the whole. */
const SHARE = 8

const isWhole = process.env.UPLANDS_ALL === '1'
const moved = Number(process.env.UPLANDS_SEED ?? 0)

/** How many cases a test tries. @param whole how many in `--all` */
export const runs = (whole: number): number => (isWhole ? whole : Math.ceil(whole / SHARE))

/** Where a generator starts: the same place in each check, another one in each `--all`. */
export const seedOf = (fixed: number): number => (isWhole ? (fixed + moved) % 2 ** 31 : fixed)
