import { defineConfig } from 'vite';

/** The bench runs as the worker does: bundled. Loaded file by file, every small function would pay for its loader. */
export default defineConfig({
  build: {
    target: 'node20',
    ssr: true,
    rolldownOptions: { input: ['bench/run.ts', 'bench/lay.ts', 'bench/measure.ts', 'bench/schedule.ts', 'bench/wardrobe.ts'] },
    outDir: 'node_modules/.cache/bench',
    copyPublicDir: false,
    minify: false,
  },
});
