import { changedElsewhere, found, mustBeThere, notFound, wrongField } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import type { KeyRing } from '../health/keyRing.ts';
import { mustBeConfirmed } from '../http/confirmed.ts';
import { importPeople } from '../imports/people.ts';
import type { ImportShop } from '../imports/importShop.ts';
import type { Database } from '../store/database.ts';
import { accessesOf, deletePerson, peopleAfter, savePerson } from '../store/people.ts';
import { bringBackPerson, takeOutPerson } from '../store/peopleBin.ts';
import { exportPeople, exportPerson } from '../imports/exportPeople.ts';
import { told } from './unreadable.ts';

/** Clients and groups: what is known of them goes only to those who coach them. */
export function peopleRoutes(database: Database, key: KeyRing, shop: ImportShop) {
  return {
    people: async ({ account, query: { after }, log }) => {
      const { read, unreadable, last } = await peopleAfter(database, key, account, after && personAt(after));
      const next = last === undefined ? null : cursorAfter(last);
      return { people: read, next, unreadable: told('person', unreadable, log) };
    },

    importPeople: ({ account, body }) => importPeople({ database, key, shop }, account, body),

    exportPeople: async ({ account, request }) => {
      mustBeConfirmed(request, account);
      return { csv: await exportPeople(database, key, account) };
    },

    exportPerson: async ({ account, params: { id }, request }) => {
      mustBeConfirmed(request, account);
      return { csv: found(await exportPerson(database, key, account, id), 'person') };
    },

    savePerson: async ({ account, params: { id }, body }) => {
      const result = await savePerson(database, key, account, id, body);
      switch (result.kind) {
        case 'kept':
          return result.record;
        case 'outdated':
          throw changedElsewhere('person', 'Open them again.', result.current);
        case 'hold left out':
          throw wrongField(
            '/document/holds',
            'A hold is lifted by saying who cleared them and when; it stays in the record',
          );
        case 'missing':
          throw notFound('person');
        case 'no such group':
          throw notFound('group');
      }
    },

    takeOutPerson: async ({ account, params: { id } }) =>
      mustBeThere(await takeOutPerson(database, key, account, id), 'person'),

    bringBackPerson: async ({ account, params: { id } }) =>
      mustBeThere(await bringBackPerson(database, account, id), 'person'),

    deletePerson: async ({ account, params: { id }, request }) => {
      mustBeConfirmed(request, account);
      return mustBeThere(await deletePerson(database, key, account, id), 'person');
    },

    personAccess: async ({ account, params: { id } }) => found(await accessesOf(database, account, id), 'person'),
  } satisfies Partial<Handlers>;
}

/** A cursor for the page after somebody: their id, which they who see them know. */
const cursorAfter = (id: string): string => Buffer.from(id).toString('base64url');

/** The id in a cursor. One that is no cursor of ours leads to the first page. */
function personAt(cursor: string): string | undefined {
  const text = Buffer.from(cursor, 'base64url').toString('utf8');
  return /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}$/.test(text) ? text : undefined;
}
