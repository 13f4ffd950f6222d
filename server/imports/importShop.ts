import { Piscina } from 'piscina';
import { Refusal } from '../http/problem.ts';
import type { PackedFile, ReadTask } from './work.ts';

/** A file that takes longer to be read is given up. */
const MOST_MS = 60_000;
/** Files that wait for their turn; more are asked to come again. */
const MOST_WAITING = 20;
const MOST_MEMORY_MB = 256;

/** Where files are taken in, one after the other, and read in a thread of its own. */
export interface ImportShop {
  /**
   * Does something once it is its turn. One at a time: each holds a connection to the database for as long as it takes.
   *
   * @throws Refusal 429 where too many wait
   */
  inLine<Result>(work: () => Promise<Result>): Promise<Result>;
  /**
   * Reads a file.
   *
   * @throws Refusal 422 where it takes too long
   */
  read(task: ReadTask): Promise<PackedFile>;
  close(): Promise<void>;
}

/**
 * Opens a shop.
 *
 * @param worker the built worker (server/imports/worker.ts)
 */
export function openImportShop(worker: URL, mostMs = MOST_MS): ImportShop {
  const pool = new Piscina<ReadTask, PackedFile>({
    filename: worker.href,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 5_000,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  });
  let waiting = 0;
  let last: Promise<unknown> = Promise.resolve();
  return {
    async inLine<Result>(work: () => Promise<Result>) {
      if (waiting >= MOST_WAITING) {
        const detail = 'Many files are being taken in just now. Try again in a minute.';
        throw new Refusal(429, 'Too many files', detail, { retryAfter: 60 });
      }
      waiting += 1;
      const mine = last.then(work);
      last = mine.catch(() => undefined);
      try {
        return await mine;
      } finally {
        waiting -= 1;
      }
    },
    async read(task) {
      const signal = AbortSignal.timeout(mostMs);
      try {
        return await pool.run(task, { signal });
      } catch (error) {
        if (!signal.aborted) throw error;
        const detail = 'That file takes too long to be read. Take it in as several smaller ones.';
        throw new Refusal(422, 'Not valid', detail);
      }
    },
    close: () => pool.destroy(),
  };
}
