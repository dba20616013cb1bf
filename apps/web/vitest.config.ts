import { join } from 'node:path';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: {
    conditions: ['source', 'node'],
    // Each file has a screen of its own and reads all it needs anew: the core is bundled for them once, by the global setup.
    alias: { '@pelvo/core': join(import.meta.dirname, 'node_modules', '.pelvo-test', String(process.pid), 'core.js') },
  },
  test: {
    name: 'web',
    include: ['test/**/*.test.{ts,tsx}'],
    globalSetup: ['test/globalSetup.ts'],
    testTimeout: 300_000,
    hookTimeout: 300_000,
  },
});
