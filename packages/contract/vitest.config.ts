import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { conditions: ['source', 'node'] },
  ssr: { resolve: { conditions: ['source', 'node'] } },
  test: { name: 'contract', isolate: false, include: ['test/**/*.test.ts'], testTimeout: 300_000 },
});
