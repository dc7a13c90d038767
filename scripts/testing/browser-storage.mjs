// What tests of storage need of a browser: a database in memory. A channel to other tabs would keep the test
// process alive.
import 'fake-indexeddb/auto'

Reflect.deleteProperty(globalThis, 'BroadcastChannel')
