import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { conditions: ['source', 'node'] },
  test: { name: 'web', include: ['test/**/*.test.{ts,tsx}'], testTimeout: 300_000, hookTimeout: 300_000 },
});
