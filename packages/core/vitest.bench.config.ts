import { defineConfig } from 'vitest/config';

/** The core as it runs in the product: bundled. Module by module, as tests run it, every call goes through a look-up. */
const bundled = new URL('../../node_modules/.cache/pelvo-bench/core.js', import.meta.url).pathname;

export default defineConfig({
  resolve: { alias: [{ find: /^\.\.\/src$/, replacement: bundled }] },
  test: { name: 'bench', include: ['bench/**/*.bench.ts'], testTimeout: 120_000 },
});
