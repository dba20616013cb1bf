import { defineConfig } from 'vitest/config';

// A test fails by what it finds, not because a machine is slow: the limit only ends what hangs.
export default defineConfig({ test: { name: 'core', isolate: false, include: ['test/**/*.test.ts'], testTimeout: 300_000 } });
