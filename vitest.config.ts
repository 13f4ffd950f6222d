import { defineConfig } from 'vitest/config';

/** A test is slow on a busy machine and still right; one that never ends is ended. */
const PATIENCE_MS = 600_000;

/** Journeys that look at the clock of the machine, or end its servers: nothing else runs beside them. */
const ALONE = ['stageClock', 'largeStudio', 'start', 'shutdown'].map((name) => `e2e/${name}.test.ts`);

/** Tests that measure stalls, or end the database server that the others use: nothing else runs beside them. */
const SERVER_ALONE = ['fuzz', 'longText', 'lostConnection', 'oneRequest'].map(
  (name) => `server/attacks/${name}.test.ts`,
);

/**
 * A journey is tried a second time when it fails: a browser on a busy machine now and then loses a click. `bin/test` names
 * every one that passed only then, so that none hides.
 */
const TRIED_AGAIN = 1;

/** One project a kind of test; `bin/test` runs them all and adds them up. */
export default defineConfig({
  test: {
    // As many as a small machine has processors: vitest's own guess is half of them.
    maxWorkers: 2,
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'contract/**/*.test.ts', 'catalogue/**/*.test.ts'],
          setupFiles: ['core/testing/seed.ts'],
          testTimeout: PATIENCE_MS,
        },
      },
      {
        extends: './web/vite.config.ts',
        test: {
          name: 'web',
          include: ['web/**/*.test.ts'],
          setupFiles: ['core/testing/seed.ts'],
          // Its components bring styles along, which only Vite can read.
          server: { deps: { inline: ['vuetify'] } },
          testTimeout: PATIENCE_MS,
        },
      },
      {
        test: {
          name: 'server',
          include: ['server/**/*.test.ts', 'demo/**/*.test.ts'],
          exclude: SERVER_ALONE,
          setupFiles: ['core/testing/seed.ts'],
          globalSetup: ['server/testing/database.ts'],
          testTimeout: PATIENCE_MS,
          hookTimeout: 120_000,
        },
      },
      {
        test: {
          name: 'server-alone',
          include: SERVER_ALONE,
          setupFiles: ['core/testing/seed.ts'],
          globalSetup: ['server/testing/database.ts'],
          fileParallelism: false,
          testTimeout: PATIENCE_MS,
          hookTimeout: 120_000,
        },
      },
      { test: { name: 'bench', include: [], benchmark: { include: ['bench/**/*.bench.ts'] } } },
      {
        test: {
          name: 'server-bench',
          include: [],
          globalSetup: ['server/testing/database.ts'],
          fileParallelism: false,
          testTimeout: 600_000,
          hookTimeout: 600_000,
          benchmark: { include: ['server/**/*.bench.ts'] },
        },
      },
      {
        test: {
          name: 'browser-bench',
          include: [],
          globalSetup: ['e2e/app.ts'],
          fileParallelism: false,
          testTimeout: 120_000,
          hookTimeout: 120_000,
          benchmark: { include: ['e2e/**/*.bench.ts'] },
        },
      },
      {
        test: {
          name: 'pictures',
          include: ['e2e/**/*.pictures.ts'],
          globalSetup: ['e2e/app.ts'],
          expect: { poll: { timeout: 15_000 } },
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
      {
        test: {
          name: 'e2e',
          include: ['e2e/**/*.test.ts'],
          exclude: ALONE,
          globalSetup: ['e2e/app.ts'],
          expect: { poll: { timeout: 60_000 } },
          retry: TRIED_AGAIN,
          testTimeout: PATIENCE_MS,
          hookTimeout: 120_000,
        },
      },
      {
        test: {
          name: 'e2e-alone',
          include: ALONE,
          globalSetup: ['e2e/app.ts'],
          fileParallelism: false,
          expect: { poll: { timeout: 60_000 } },
          retry: TRIED_AGAIN,
          testTimeout: PATIENCE_MS,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
