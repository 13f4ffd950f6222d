import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import type { PersonDocument } from '@prompt-spark/contract/person';
import { sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import type { KeyRing } from '../health/keyRing.ts';
import { ownerOf } from '../health/owner.ts';
import { seal } from '../health/seal.ts';
import { person, personCoach, personGroup } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { anyLeftHolds, withLeftHolds } from './leftHolds.ts';
import type { Asker } from './asker.ts';
import { note } from './accessRecord.ts';

/** Somebody who is to be added, and the groups they are in. */
export interface NewPerson {
  readonly groupIds: readonly string[];
  readonly document: PersonDocument;
}

/** Adds people whom the coach then coaches in private: a statement for each table, however many there are. */
export async function addPeople(
  database: Database,
  key: KeyRing,
  asker: Asker,
  rows: readonly NewPerson[],
): Promise<void> {
  const { studioId, coachId } = asker;
  const left = await anyLeftHolds(database, studioId);
  const added: { id: string; sealed: string; groupIds: readonly string[] }[] = [];
  for (const { document, groupIds } of rows) {
    const id = randomUUID();
    const held = left ? await withLeftHolds(database, key, studioId, document) : document;
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
