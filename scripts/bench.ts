import { benchAssembly } from './bench/assembly'
import { benchBrowser } from './bench/browser'
import { benchCore } from './bench/core'
import { benchCoverage } from './bench/coverage'
import { benchWorkshops } from './bench/workshops'
import { benchLayouts } from './bench/layouts'
import { benchLoop } from './bench/loop'
import { benchCommands } from './bench/quick'
import { benchPuzzles } from './bench/puzzles'
import { benchSearch } from './bench/search'
import { benchSheets } from './bench/sheets'
import { benchTable } from './bench/table'
import { tellBroken } from './bench/timing'
import { benchWords } from './bench/words'

/** What can be measured by itself: `npm run bench -- browser loop`. */
const BENCHES: Record<string, () => unknown> = {
  commands: benchCommands,
  words: benchWords,
  table: benchTable,
  core: benchCore,
  assembly: benchAssembly,
  coverage: benchCoverage,
  workshops: benchWorkshops,
  sheets: benchSheets,
  search: benchSearch,
  layouts: benchLayouts,
  puzzles: benchPuzzles,
  loop: benchLoop,
  browser: benchBrowser,
}

const wanted = process.argv.slice(2)
const unknown = wanted.filter((name) => !(name in BENCHES))
if (unknown.length > 0)
  throw new Error(
    `No bench of that name: ${unknown.join(', ')}. There are ${Object.keys(BENCHES).join(', ')}.`,
  )
for (const [name, measure] of Object.entries(BENCHES)) {
  if (wanted.length === 0 || wanted.includes(name)) await measure()
}
tellBroken()
