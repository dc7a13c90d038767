import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { wordsByPart } from './scripts/words-by-part.ts'

/** What the application is called and looks like when it is installed. */
const manifest = {
  name: 'Uplands',
  short_name: 'Uplands',
  description: 'Finger-jointed boxes on a laser cutter, from a measurement to a build sheet.',
  display: 'standalone' as const,
  start_url: './',
  scope: './',
  theme_color: '#41602a',
  background_color: '#efe9d9',
  icons: [
    { src: 'icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' as const },
    { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
    { src: 'icon-512.png', sizes: '512x512', type: 'image/png' },
  ],
}

/**
 * What is not used of the core and of these packages is left out: schemas nobody asks for, files of a folder
 * that nobody imports.
 */
const treeshake = {
  moduleSideEffects: [
    { test: /[/\\]core[/\\]/, sideEffects: false },
    { test: /words(\.ts)?(\?part=\w+)?$/, sideEffects: false },
    { test: /node_modules[/\\](zod|clipper2-ts|flatbush|d3-[a-z]+|@lucide)[/\\]/, sideEffects: false },
  ],
}

/**
 * The worker asks no schema of the core: what makes them (`z`, a name nothing else in it has) need not come
 * along.
 */
const withoutSchemas = { ...treeshake, manualPureFunctions: ['z'] }

export default defineConfig({
  root: 'web',
  base: './', // so that the built app also works from a folder of any static server
  plugins: [
    wordsByPart(),
    vue(),
    tailwindcss(),
    VitePWA({
      injectRegister: false, // the page registers it itself: its policy forbids code in the page
      registerType: 'autoUpdate',
      manifest,
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2,wasm}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: true,
        navigateFallback: 'index.html',
      },
    }),
  ],
  resolve: {
    alias: [
      {
        find: /^@core\/(.*)$/,
        replacement: fileURLToPath(new URL('./core/', import.meta.url)) + '$1/index.ts',
      },
      { find: /^@web\//, replacement: fileURLToPath(new URL('./web/', import.meta.url)) },
    ],
  },
  worker: { format: 'es', plugins: () => [wordsByPart()], rolldownOptions: { treeshake: withoutSchemas } },
  build: {
    outDir: '../dist',
    emptyOutDir: true,
    target: 'es2022',
    chunkSizeWarningLimit: 1200,
    rolldownOptions: { treeshake },
    assetsInlineLimit: 0, // the policy allows no data in scripts or fonts
  },
})
