import { benchAssembly } from './bench/assembly'
import { benchBrowser } from './bench/browser'
import { benchCore } from './bench/core'
import { benchCoverage } from './bench/coverage'
import { benchLayouts } from './bench/layouts'
import { benchLoop } from './bench/loop'
import { benchSheets } from './bench/sheets'

benchCore()
benchAssembly()
benchCoverage()
benchSheets()
benchLayouts()
benchLoop()
await benchBrowser()
