import { benchAssembly } from './bench/assembly'
import { benchBrowser } from './bench/browser'
import { benchCore } from './bench/core'
import { benchCoverage } from './bench/coverage'
import { benchSheets } from './bench/sheets'

benchCore()
benchAssembly()
benchCoverage()
benchSheets()
await benchBrowser()
