import { defineConfig } from 'vitest/config';

export default defineConfig({ test: { name: 'bench', include: ['bench/**/*.bench.ts'], testTimeout: 120_000 } });
