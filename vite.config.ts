import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    // All of the app is kept by the browser, so that it opens in a shop without a signal; a newer one waits until it is taken.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Amber Ledger',
        short_name: 'Amber Ledger',
        description: 'A sewing ledger that works out the next cut from every version already made.',
        id: '/',
        start_url: '/',
        display: 'standalone',
        background_color: '#f7f3ea',
        theme_color: '#20302d',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{html,js,css,svg,png,jpg,woff2}'],
        globIgnores: ['**/icon-*.png'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallbackDenylist: [/^\/assets\//, /^\/open\//],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
  build: {
    target: 'es2022',
    manifest: true,
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        // The start names every part of every page, each by its hash, which cannot be packed: this is the shortest that the build can make.
        chunkFileNames: 'assets/[name]-[hash:7].js',
        codeSplitting: {
          // What every page needs comes as one file, not as the fifty that are shared out between the pages: fewer to ask for, and smaller.
          // What starts the app stays by itself, since a page names it.
          groups: [{ name: 'start', tags: ['$initial'], test: (id) => !/(?:main\.tsx|index\.html)$/.test(id) }],
        },
      },
    },
  },
  worker: { format: 'es' },
});
