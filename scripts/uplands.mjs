// The command line: sets the project up if need be, then does what it is asked.
import { pathToFileURL } from 'node:url'
import { bundled } from './bundle.mjs'
import { setUp } from './setup.mjs'

setUp()
await import(pathToFileURL(await bundled()).href)
