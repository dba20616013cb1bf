import { rmSync } from 'node:fs';
import { basename, dirname } from 'node:path';
import { build } from 'vite';
import type { TestProject } from 'vitest/node';

/** Bundles the core from its sources to where the tests are told to find it, and clears it away when they end. */
export default async function setup(project: TestProject): Promise<() => void> {
  const alias = project.vite.config.resolve.alias.find(({ find }) => find === '@pelvo/core')!;
  const core = new URL('../../../packages/core/', import.meta.url).pathname;
  await build({
    root: core,
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: 'src/index.ts',
      outDir: dirname(alias.replacement),
      rolldownOptions: { output: { entryFileNames: basename(alias.replacement) } },
    },
  });
  return () => rmSync(dirname(alias.replacement), { recursive: true, force: true });
}
