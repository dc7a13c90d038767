import { benchBrowser } from './bench/browser'
import { benchCore } from './bench/core'
import { benchCoverage } from './bench/coverage'
import { benchSheets } from './bench/sheets'

benchCore()
benchCoverage()
benchSheets()
await benchBrowser()
