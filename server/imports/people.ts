import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import type { FileImport, ImportReport } from '@prompt-spark/contract/import';
import { sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { ownerOf } from '../health/owner.ts';
import type { KeyRing } from '../health/keyRing.ts';
import { seal } from '../health/seal.ts';
import { person, personCoach, personGroup } from '../schema/tables.ts';
import type { Database } from '../store/database.ts';
import { withLeftHolds } from '../store/leftHolds.ts';
import { everybodyOf, groupsCoached, note, type Asker } from '../store/people.ts';
import { placesOf } from '../store/places.ts';
import { roomForPeople } from '../store/quotas.ts';
import type { ImportShop } from './importShop.ts';
import { takeIn } from './takeIn.ts';
import type { FreshPerson } from './work.ts';

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
  return takeIn<FreshPerson>({ database, shop }, asker, id, {
    turn: 'people',
    async read(transaction) {
      const names: string[] = [];
      for await (const { document } of everybodyOf(transaction, key, asker)) names.push(document.name.toLowerCase());
      const own = await groupsCoached(transaction, asker);
      const { groups } = await placesOf(transaction, asker.studioId);
      const coached = groups.filter((group) => own.has(group.id));
      const file = await shop.read({
        kind: 'people',
        csv,
        names,
        groups: coached.map((group) => [group.name.toLowerCase(), group.id] as const),
      });
      await roomForPeople(transaction, asker.studioId, file.fresh.length);
      return file;
    },
    write: (transaction, rows) => addPeople(transaction, key, asker, rows),
  });
}

/** Adds people whom the coach then coaches in private: a statement for each table, however many there are. */
async function addPeople(database: Database, key: KeyRing, asker: Asker, rows: readonly FreshPerson[]): Promise<void> {
  const { studioId, coachId } = asker;
  const added: { id: string; sealed: string; groupIds: readonly string[] }[] = [];
  for (const { document, groupIds } of rows) {
    const id = randomUUID();
    const held = await withLeftHolds(database, key, studioId, document);
    added.push({ id, sealed: seal(key, ownerOf(studioId, id), held), groupIds });
  }
  const people = JSON.stringify(added.map(({ id, sealed }) => [id, sealed]));
  const inGroups = JSON.stringify(added.flatMap(({ id, groupIds }) => groupIds.map((groupId) => [id, groupId])));
  await database.execute(sql`
    insert into ${person} (id, studio_id, version, sealed, schema_version)
    select (p->>0)::uuid, ${studioId}::uuid, 1, p->>1, ${SCHEMA_VERSIONS.person}::int
    from jsonb_array_elements(${people}::jsonb) as p`);
  await database.execute(sql`
    insert into ${personCoach} (studio_id, person_id, coach_id)
    select ${studioId}::uuid, (p->>0)::uuid, ${coachId}::uuid from jsonb_array_elements(${people}::jsonb) as p`);
  await database.execute(sql`
    insert into ${personGroup} (studio_id, person_id, group_id)
    select distinct ${studioId}::uuid, (p->>0)::uuid, (p->>1)::uuid from jsonb_array_elements(${inGroups}::jsonb) as p`);
  await note(
    database,
    asker,
    'added',
    added.map(({ id }) => id),
  );
}
