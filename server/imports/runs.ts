import type { FileImport, ImportReport } from '@prompt-spark/contract/import';
import { addRuns, beganOf, titlesOf, type ImportedRun } from '../store/addRuns.ts';
import type { Asker } from '../store/asker.ts';
import type { Database } from '../store/database.ts';
import { coachesOf, placesOf } from '../store/places.ts';
import { roomForRuns } from '../store/quotas.ts';
import type { ImportShop } from './importShop.ts';
import { isInCalendar } from './calendar.ts';
import { takeIn } from './takeIn.ts';
import { runKey, type Named } from './work.ts';

/**
 * Takes a log in from CSV: every run that is not there yet, without what each drill took. One bad line and nothing is
 * taken in.
 */
export function importRuns(
  database: Database,
  shop: ImportShop,
  asker: Asker,
  { csv, id }: FileImport,
): Promise<ImportReport> {
  const { studioId, coachId } = asker;
  return takeIn({ database, shop }, asker, id, {
    turn: 'runs',
    async read(transaction) {
      const { groups, sites } = await placesOf(transaction, studioId);
      const coaches = await coachesOf(transaction, studioId);
      const titles = await titlesOf(transaction, studioId);
      const days = daysIn(csv);
      const kept = days ? await beganOf(transaction, studioId, days) : [];
      const file = await shop.read({
        kind: 'runs',
        csv,
        circuits: titles.map(({ id, title }) => [title.toLowerCase(), id] as const),
        groups: named(groups),
        sites: named(sites),
        coaches: named(coaches),
        coachId,
        kept: kept.map((one) => runKey(one.circuitId, one.coachId, one.began)),
      });
      const bytes = file.batches.reduce((sum, batch) => sum + batch.length, 0);
      if (file.problems.length === 0) await roomForRuns(transaction, studioId, file.count, bytes);
      return file;
    },
    async write(transaction, batch) {
      // Written by the worker from what it checked.
      const runs = JSON.parse(batch) as readonly ImportedRun[];
      await addRuns(transaction, studioId, runs);
      return runs.length;
    },
  });
}

/** The first and the last day of the calendar that a file names; undefined where it names none. */
function daysIn(csv: string): { readonly first: string; readonly last: string } | undefined {
  const days = [...csv.matchAll(/(?<!\d)\d{4}-\d\d-\d\d(?!\d)/g)]
    .map(([day]) => day)
    .filter(isInCalendar)
    .toSorted();
  const [first, last] = [days[0], days.at(-1)];
  return first && last ? { first, last } : undefined;
}

const named = (all: readonly { readonly id: string; readonly name: string }[]): readonly Named[] =>
  all.map(({ id, name }) => [name.toLowerCase(), id] as const);
