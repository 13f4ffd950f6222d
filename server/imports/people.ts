import type { FileImport, ImportReport } from '@prompt-spark/contract/import';
import type { KeyRing } from '../health/keyRing.ts';
import { addPeople, type NewPerson } from '../store/addPeople.ts';
import type { Database } from '../store/database.ts';
import type { Asker } from '../store/asker.ts';
import { groupsCoached, pagesOfPeople } from '../store/people.ts';
import { placesOf } from '../store/places.ts';
import { roomForPeople } from '../store/quotas.ts';
import type { ImportShop } from './importShop.ts';
import { takeIn } from './takeIn.ts';

/** What taking people in stands on. */
export interface PeopleImport {
  readonly database: Database;
  readonly key: KeyRing;
  readonly shop: ImportShop;
}

/** Takes people in from CSV: everybody whose name the coach has nobody of yet. One bad line and nobody is taken in. */
export function importPeople(
  { database, key, shop }: PeopleImport,
  asker: Asker,
  { csv, id }: FileImport,
): Promise<ImportReport> {
  return takeIn({ database, shop }, asker, id, {
    turn: 'people',
    async read(transaction) {
      const names: string[] = [];
      for await (const people of pagesOfPeople(transaction, key, asker)) {
        names.push(...people.map(({ document }) => document.name.toLowerCase()));
      }
      const own = await groupsCoached(transaction, asker);
      const { groups } = await placesOf(transaction, asker.studioId);
      const coached = groups.filter((group) => own.has(group.id));
      const file = await shop.read({
        kind: 'people',
        csv,
        names,
        groups: coached.map((group) => [group.name.toLowerCase(), group.id] as const),
      });
      await roomForPeople(transaction, asker.studioId, file.count);
      return file;
    },
    async write(transaction, batch) {
      // Written by the worker from what it checked.
      const people = JSON.parse(batch) as readonly NewPerson[];
      await addPeople(transaction, key, asker, people);
      return people.length;
    },
  });
}
