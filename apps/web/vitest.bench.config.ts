import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { conditions: ['source', 'node'] },
  test: { name: 'bench', include: ['bench/**/*.bench.ts'], testTimeout: 300_000 },
});
