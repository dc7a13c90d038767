/// <reference types="vite/client" />

declare module 'fake-indexeddb/auto'
