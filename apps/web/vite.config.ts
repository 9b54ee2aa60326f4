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
      // A new version waits until the app is closed, so that no sitting is interrupted by it.
      registerType: 'prompt',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Dotting',
        short_name: 'Dotting',
        start_url: '/',
        display: 'standalone',
        background_color: '#fbf9f3',
        theme_color: '#17302c',
        icons: [{ src: 'dotting.svg', sizes: 'any', type: 'image/svg+xml' }],
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
  build: { target: 'es2022' },
  server: { host: '127.0.0.1', port: 5180, strictPort: true, proxy: { '/api': 'http://127.0.0.1:4173' } },
});
