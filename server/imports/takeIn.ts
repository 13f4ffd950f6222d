import type { FileImport, ImportReport } from '@prompt-spark/contract/import';
import { Refusal } from '../http/problem.ts';
import type { Database } from '../store/database.ts';
import { inTurn, type Turn } from '../store/inTurn.ts';
import type { Asker } from '../store/asker.ts';
import type { ImportShop } from './importShop.ts';
import { beginJob, CalledOff } from '../store/importJobs.ts';
import type { PackedFile } from './work.ts';

/** How a kind of file is taken in, within one transaction. */
export interface Intake {
  readonly turn: Turn;
  read(transaction: Database): Promise<PackedFile>;
  /** Writes a batch, given as JSON. Gives how many there were. */
  write(transaction: Database, batch: string): Promise<number>;
  /** What else is to be done once something was written. */
  finish?(transaction: Database): Promise<void>;
}

/** Takes a file in, whole or not at all: read in a thread of its own, written in batches, watched and called off by its id. */
export async function takeIn(
  { database, shop }: { readonly database: Database; readonly shop: ImportShop },
  asker: Asker,
  id: FileImport['id'],
  intake: Intake,
): Promise<ImportReport> {
  const job = await beginJob(database, asker, id);
  if (!job) throw new Refusal(409, 'Id taken', 'An import of that id was begun before. Look at how far it is.');
  try {
    return await shop.inLine(() =>
      inTurn(database, asker.studioId, intake.turn, async (transaction) => {
        const { batches, count, same, problems } = await intake.read(transaction);
        if (problems.length > 0) return { added: 0, same, problems };
        let done = 0;
        await job.isAt(done, count);
        for (const batch of batches) {
          done += await intake.write(transaction, batch);
          await job.isAt(done, count);
        }
        if (count > 0) await intake.finish?.(transaction);
        return { added: count, same, problems: [] };
      }),
    );
  } catch (error) {
    if (!(error instanceof CalledOff)) throw error;
    throw new Refusal(409, 'Called off', 'The import was called off. Nothing of the file was taken in.');
  } finally {
    await job.end();
  }
}
