import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { conditions: ['source', 'node'] },
  ssr: { resolve: { conditions: ['source', 'node'] } },
  test: {
    name: 'server',
    isolate: false,
    include: ['test/**/*.test.ts'],
    globalSetup: ['test/globalSetup.ts'],
    testTimeout: 300_000,
    hookTimeout: 300_000,
  },
});
