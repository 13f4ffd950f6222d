import { changedElsewhere, found, mustBeThere, notFound, wrongField } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import type { Database } from '../store/database.ts';
import { accessesOf, deletePerson, peopleOf, savePerson } from '../store/people.ts';
import { exportPeople, importPeople } from '../store/peopleFile.ts';
import type { HealthKey } from '../store/seal.ts';
import { told } from './unreadable.ts';

/** Clients and groups: what is known of them goes only to those who coach them. */
export function peopleRoutes(database: Database, key: HealthKey) {
  return {
    people: async ({ account, log }) => {
      const { read, unreadable } = await peopleOf(database, key, account);
      return { people: read, unreadable: told('person', unreadable, log) };
    },

    importPeople: ({ account, body: { csv } }) => importPeople(database, key, account, csv),

    exportPeople: async ({ account }) => ({ csv: await exportPeople(database, key, account) }),

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

    deletePerson: async ({ account, params: { id } }) =>
      mustBeThere(await deletePerson(database, account, id), 'person'),

    personAccess: async ({ account, params: { id } }) => found(await accessesOf(database, account, id), 'person'),
  } satisfies Partial<Handlers>;
}
