import type { FileImport, ImportReport } from '@prompt-spark/contract/import';
import { Refusal } from '../http/problem.ts';
import type { Database } from '../store/database.ts';
import { inTurn, type Turn } from '../store/inTurn.ts';
import type { Asker } from '../store/people.ts';
import type { ImportShop } from './importShop.ts';
import { beginJob, CalledOff } from '../store/importJobs.ts';
import type { ReadFile } from './work.ts';

/** Rows that are written at once; between two the import can be called off. */
const BATCH = 250;

/** How a kind of file is taken in, within one transaction. */
export interface Intake<Fresh> {
  readonly turn: Turn;
  read(transaction: Database): Promise<ReadFile<Fresh>>;
  write(transaction: Database, rows: readonly Fresh[]): Promise<void>;
  /** What else is to be done once something was written. */
  finish?(transaction: Database): Promise<void>;
}

/** Takes a file in, whole or not at all: read in a thread of its own, written in batches, watched and called off by its id. */
export async function takeIn<Fresh>(
  { database, shop }: { readonly database: Database; readonly shop: ImportShop },
  asker: Asker,
  id: FileImport['id'],
  intake: Intake<Fresh>,
): Promise<ImportReport> {
  const job = await beginJob(database, asker, id);
  if (!job) throw new Refusal(409, 'Id taken', 'An import of that id was begun before. Look at how far it is.');
  try {
    return await shop.inLine(() =>
      inTurn(database, asker.studioId, intake.turn, async (transaction) => {
        const { fresh, same, problems } = await intake.read(transaction);
        if (problems.length > 0) return { added: 0, same, problems };
        await job.isAt(0, fresh.length);
        for (let done = 0; done < fresh.length; done += BATCH) {
          await intake.write(transaction, fresh.slice(done, done + BATCH));
          await job.isAt(Math.min(done + BATCH, fresh.length), fresh.length);
        }
        if (fresh.length > 0) await intake.finish?.(transaction);
        return { added: fresh.length, same, problems: [] };
      }),
    );
  } catch (error) {
    if (!(error instanceof CalledOff)) throw error;
    throw new Refusal(409, 'Called off', 'The import was called off. Nothing of the file was taken in.');
  } finally {
    await job.end();
  }
}
