import { defineConfig, mergeConfig } from 'vite';
import server from './vite.config';

/** Bundles what is done in threads of their own, beside the server and by itself: the server stays one file. */
export default mergeConfig(server, defineConfig({ build: { ssr: 'src/worker.ts', emptyOutDir: false } }));
