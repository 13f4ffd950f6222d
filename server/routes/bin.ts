import type { BinEntry } from '@prompt-spark/contract/bin';
import type { KeyRing } from '../health/keyRing.ts';
import type { Handlers } from '../http/serve.ts';
import { binOf } from '../store/bin.ts';
import type { Database } from '../store/database.ts';
import { peopleInBin } from '../store/peopleBin.ts';

/** What was taken out in the last days: the studio's, and of people those whom the coach coaches. */
export function binRoutes(database: Database, key: KeyRing) {
  return {
    bin: async ({ account, query: { find } }) => {
      const ofStudio = await binOf(database, account.studioId, find);
      const people = await peopleInBin(database, key, account, find);
      return { entries: [...ofStudio, ...people].toSorted(lastFirst) };
    },
  } satisfies Partial<Handlers>;
}

const lastFirst = (one: BinEntry, other: BinEntry): number => other.takenOutAt.localeCompare(one.takenOutAt);
