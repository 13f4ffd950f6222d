import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import type { PersonDocument } from '@prompt-spark/contract/person';
import { groupCoach, person, personCoach, personGroup } from '@prompt-spark/server/schema/tables';
import type { Database } from '@prompt-spark/server/store/database';
import { ownerOf } from '@prompt-spark/server/health/owner';
import type { KeyRing } from '@prompt-spark/server/health/keyRing';
import { seal } from '@prompt-spark/server/health/seal';
import { randomUUID } from 'node:crypto';
import { measuredOf, seenOf, type PastSession } from './pastSeen.ts';
import { coached, people, type DemoPerson } from './people.ts';

/** Ids of what is in the studio already, by name. */
export interface DemoIds {
  readonly studioId: string;
  readonly coachOf: (name: string) => string;
  readonly groupOf: (name: string) => string;
}

/** The months before the demo, as far as they tell of people. */
export interface DemoPast {
  readonly today: string;
  /** YYYY-MM-DD at the sites. */
  readonly dayOf: (daysAgo: number) => string;
  readonly sessionsOf: (group: string) => readonly PastSession[];
}

/** Loads the invented people, sealed as the server seals them. */
export async function loadPeople(database: Database, key: KeyRing, ids: DemoIds, past: DemoPast): Promise<void> {
  const { studioId } = ids;
  for (const { coach, groups } of coached) {
    const coachId = ids.coachOf(coach);
    await database.insert(groupCoach).values(groups.map((name) => ({ studioId, coachId, groupId: ids.groupOf(name) })));
  }
  for (const one of people) {
    const id = randomUUID();
    const sealed = seal(key, ownerOf(studioId, id), documentOf(one, past));
    await database.insert(person).values({ id, studioId, version: 1, sealed, schemaVersion: SCHEMA_VERSIONS.person });
    const groups = one.groups.map((name) => ({ studioId, personId: id, groupId: ids.groupOf(name) }));
    if (groups.length > 0) await database.insert(personGroup).values(groups);
    if (one.coach)
      await database.insert(personCoach).values({ studioId, personId: id, coachId: ids.coachOf(one.coach) });
  }
}

function documentOf(one: DemoPerson, { today, dayOf, sessionsOf }: DemoPast): PersonDocument {
  return {
    name: one.name,
    birthYear: one.born,
    limits: one.limits ?? [],
    ability: one.ability ?? {},
    stiffer: one.stiffer ?? {},
    familiar: one.familiar ?? [],
    kit: [],
    notes: one.notes ?? '',
    consentOn: '2026-09-01',
    choices: [],
    seen: seenOf(one, one.groups.flatMap(sessionsOf)),
    measured: measuredOf(one, dayOf),
    readiness: one.isNew ? { day: today, state: 'new', sore: [] } : null,
    holds: (one.holds ?? []).map((hold) => ({ ...hold, since: '2026-11-01' })),
  };
}
