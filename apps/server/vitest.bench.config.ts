import { mergeConfig } from 'vitest/config';
import base from './vitest.config';

const bench = mergeConfig(base, { test: { testTimeout: 600_000, hookTimeout: 600_000 } });
bench.test = { ...bench.test, include: ['bench/**/*.bench.ts'] };
export default bench;
