import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  root: 'web',
  base: './', // so that the built app also works from a folder of any static server
  plugins: [vue(), tailwindcss()],
  resolve: {
    alias: [
      {
        find: /^@core\/(.*)$/,
        replacement: fileURLToPath(new URL('./core/', import.meta.url)) + '$1/index.ts',
      },
      { find: /^@web\//, replacement: fileURLToPath(new URL('./web/', import.meta.url)) },
    ],
  },
  worker: { format: 'es' },
  build: { outDir: '../dist', emptyOutDir: true, target: 'es2022', chunkSizeWarningLimit: 1200 },
})
