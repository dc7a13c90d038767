import { benchAssembly } from './bench/assembly'
import { benchBrowser } from './bench/browser'
import { benchCore } from './bench/core'
import { benchCoverage } from './bench/coverage'
import { benchWorkshops } from './bench/workshops'
import { benchLayouts } from './bench/layouts'
import { benchLoop } from './bench/loop'
import { benchCommands } from './bench/quick'
import { benchSearch } from './bench/search'
import { benchSheets } from './bench/sheets'
import { tellBroken } from './bench/timing'

benchCommands()
benchCore()
benchAssembly()
benchCoverage()
benchWorkshops()
benchSheets()
benchSearch()
benchLayouts()
benchLoop()
await benchBrowser()
tellBroken()
