import { defineConfig } from 'vitest/config';

// Thousands of made-up cards take their time on a busy machine.
export default defineConfig({ test: { name: 'core', include: ['test/**/*.test.ts'], testTimeout: 30_000 } });
