import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { compression, defineAlgorithm } from 'vite-plugin-compression2'
import { VitePWA } from 'vite-plugin-pwa'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    // the screen itself starts without a connection; what was last seen of calls is shown until there is one again
    VitePWA({
      injectRegister: null,
      includeAssets: ['favicon.svg'],
      manifestFilename: 'manifest.json',
      manifest: {
        name: 'Zest Bench',
        short_name: 'Zest Bench',
        description: 'The bench for HVAC service: read, judge, match, hook up, prove.',
        start_url: '/calls',
        display: 'standalone',
        background_color: '#FAF8F1',
        theme_color: '#FAF8F1',
        icons: [{ src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/v3\//],
        cleanupOutdatedCaches: true,
        inlineWorkboxRuntime: true,
        sourcemap: false,
        runtimeCaching: [
          {
            urlPattern: /\/api\/(people|calls|calls\/\d+|wire-colours|refrigerants)(\?.*)?$/,
            handler: 'NetworkFirst',
            options: {
              cacheName: 'last-seen',
              networkTimeoutSeconds: 5,
              expiration: { maxEntries: 60, maxAgeSeconds: 7 * 86_400 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
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
    // the framework is loaded once, not for each file
    isolate: false,
  },
})
