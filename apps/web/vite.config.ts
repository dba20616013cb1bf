import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** What has to work where there is no network: the shell, and marking. */
const AT_THE_PASS = /\/(?:Screens|MarkDishPage|MarkListPage|TermPage|SignInPages)\.tsx$/;
const kept = new Set<string>();

/** Notes which files those need: they are kept from the first visit, and the rest once it was used. */
const notesKept = (): Plugin => ({
  name: 'notes-what-is-kept',
  apply: 'build',
  generateBundle(_options, bundle) {
    const follow = (name: string): void => {
      const chunk = bundle[name];
      if (kept.has(name) || chunk?.type !== 'chunk') return;
      kept.add(name);
      chunk.imports.forEach(follow);
    };
    for (const chunk of Object.values(bundle))
      if (chunk.type === 'chunk' && (chunk.isEntry || AT_THE_PASS.test(chunk.facadeModuleId ?? ''))) follow(chunk.fileName);
  },
});

/** Compresses what is served ahead of time, as small as it gets, so that no request waits for it. */
const compressed = (): Plugin => ({
  name: 'compressed-ahead',
  apply: 'build',
  enforce: 'post',
  closeBundle: {
    order: 'post',
    sequential: true,
    handler() {
      const dir = join(import.meta.dirname, 'dist', 'assets');
      for (const name of readdirSync(dir).filter((each) => /\.(?:js|css|svg)$/.test(each))) {
        const content = readFileSync(join(dir, name));
        writeFileSync(join(dir, `${name}.br`), brotliCompressSync(content));
        writeFileSync(join(dir, `${name}.gz`), gzipSync(content, { level: 9 }));
      }
    },
  },
});

export default defineConfig({
  resolve: { conditions: ['source', 'browser', 'module'] },
  plugins: [
    react(),
    tailwindcss(),
    compressed(),
    notesKept(),
    // The shell is kept on the tablet; `app/shell.ts` says when a newer one takes over.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
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
        globPatterns: [
          'index.html',
          'icon.svg',
          'assets/*.{js,css}',
          'assets/*-latin-wght-normal-*.woff2',
          'assets/bitter-latin-700-normal-*.woff2',
        ],
        manifestTransforms: [(entries) => ({ manifest: entries.filter(({ url }) => !url.endsWith('.js') || kept.has(url)), warnings: [] })],
        runtimeCaching: [
          {
            urlPattern: ({ url }) => url.pathname.startsWith('/assets/'),
            handler: 'CacheFirst',
            options: { cacheName: 'pelvo-used', expiration: { maxEntries: 200 } },
          },
        ],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
  server: { proxy: { '/api': process.env.PELVO_API ?? 'http://127.0.0.1:4300' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
});
