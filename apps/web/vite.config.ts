import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  resolve: { conditions: ['source', 'browser', 'module'] },
  plugins: [
    react(),
    tailwindcss(),
    // The shell is kept on the tablet, so that a reload in the kitchen works without a network.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Pelvo',
        short_name: 'Pelvo',
        description: 'Plan, order and mark cookery lessons',
        theme_color: '#201629',
        background_color: '#f5f6f3',
        display: 'standalone',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
  server: { proxy: { '/api': process.env.PELVO_API ?? 'http://127.0.0.1:4300' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
});
