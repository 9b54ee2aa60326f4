import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    // Packed once here, sent as it is.
    compression({
      include: /\.(?:js|css|html|svg|webmanifest)$/,
      threshold: 1024,
      algorithms: ['gzip', defineAlgorithm('brotliCompress')],
    }),
    VitePWA({
      // A new version waits until the app is closed or an adult takes it, so that no sitting is interrupted by it.
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        id: '/',
        name: 'Dotting',
        short_name: 'Dotting',
        description:
          'Find out how a child counts, in a few minutes with corks and shells, and plan what comes next.',
        lang: 'en',
        start_url: '/',
        display: 'standalone',
        background_color: '#fbf9f3',
        theme_color: '#17302c',
        icons: [
          { src: 'dotting.svg', sizes: 'any', type: 'image/svg+xml' },
          { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: 'icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: 'icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
        shortcuts: [
          { name: 'Room', url: '/room' },
          { name: 'Spotted in play', url: '/seen' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg}', 'assets/*-{latin,latin-ext,arabic}-wght-normal*.woff2'],
        // Tried with, never chosen: nobody keeps it.
        globIgnores: ['**/qrl-*.js'],
        navigateFallbackDenylist: [/^\/api/],
      },
    }),
  ],
  resolve: { conditions: ['source', ...defaultClientConditions] },
  build: {
    target: 'es2022',
    rolldownOptions: {
      output: {
        codeSplitting: {
          // What every page stands on comes in two pieces, not in forty: the libraries and words, and the frame. So does
          // what reads tries and chooses the next.
          groups: [
            { name: 'ground', tags: ['$initial'], test: /node_modules|packages/ },
            { name: 'frame', tags: ['$initial'], test: /apps\/web\/src/ },
            {
              name: 'judging',
              test: /packages\/core\/src\/(?:asking|comparing|estimates|evidence|reading|recording|statements)\//,
            },
          ],
        },
      },
    },
  },
  server: { host: '127.0.0.1', port: 5180, strictPort: true, proxy: { '/api': 'http://127.0.0.1:4173' } },
});
