import type { FileImport, ImportReport } from '@prompt-spark/contract/import';
import type { Database } from '../store/database.ts';
import { keepDrills, ownDrills } from '../store/drills.ts';
import { outdateSummaries } from '../store/outdated.ts';
import type { Asker } from '../store/asker.ts';
import { roomForDrills } from '../store/quotas.ts';
import type { ImportShop } from './importShop.ts';
import { takeIn } from './takeIn.ts';

/** Takes in a library as CSV. A drill that is there already, word for word, is left; one bad line and nothing is taken in. */
export function importDrills(
  database: Database,
  shop: ImportShop,
  asker: Asker,
  { csv, id }: FileImport,
): Promise<ImportReport> {
  const { studioId } = asker;
  return takeIn({ database, shop }, asker, id, {
    turn: 'drills',
    async read(transaction) {
      const { read: own } = await ownDrills(transaction, studioId);
      const file = await shop.read({ kind: 'drills', csv, own });
      await roomForDrills(transaction, studioId, file.count);
      return file;
    },
    write: (transaction, batch) => keepDrills(transaction, studioId, batch),
    finish: (transaction) => outdateSummaries(transaction, studioId),
  });
}
