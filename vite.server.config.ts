import { defineConfig } from 'vite';

/** Builds what Node runs in production, so that no TypeScript is loaded at run time. Packages stay in node_modules. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'server/dist',
    target: 'node20',
    sourcemap: true,
    rolldownOptions: {
      input: {
        main: 'server/main.ts',
        importWorker: 'server/imports/worker.ts',
        rotate: 'server/rotate.ts',
        migrate: 'server/migrate.ts',
        demo: 'demo/load.ts',
      },
      output: { entryFileNames: '[name].js', chunkFileNames: '[name]-[hash].js' },
    },
  },
  ssr: { noExternal: [/^@prompt-spark\//] },
});
