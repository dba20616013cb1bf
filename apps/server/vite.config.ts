import { defineConfig } from 'vite';

/** Bundles the server; the core and the contract are taken in as source, everything from the registry stays outside. */
export default defineConfig({
  resolve: { conditions: ['source', 'node'] },
  ssr: { noExternal: [/^@pelvo\//], resolve: { conditions: ['source', 'node'] } },
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', sourcemap: true, emptyOutDir: true },
});
