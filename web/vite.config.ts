import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { compression, defineAlgorithm } from 'vite-plugin-compression2'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    // compressed once here, not for each request
    compression({
      include: /assets\/.*\.(js|css)$/,
      algorithms: [defineAlgorithm('gzip', { level: 9 }), defineAlgorithm('brotliCompress')],
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:8440' } },
  test: {
    environment: 'jsdom',
    server: { deps: { inline: ['vuetify'] } },
    setupFiles: ['./src/tests/setup.ts'],
  },
})
