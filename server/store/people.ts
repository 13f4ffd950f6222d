import {
  personDocumentSchema,
  type Access,
  type PersonDocument,
  type PersonRecord,
  type PersonSave,
} from '@prompt-spark/contract/person';
import { keepsHolds } from '@prompt-spark/core/limits/person';
import { and, desc, eq, exists, inArray, or, sql, type SQL } from 'drizzle-orm';
import { coach, groupCoach, person, personAccess, personCoach, personGroup } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { seal, unseal, type HealthKey } from './seal.ts';
import { trusted } from './trusted.ts';

/** The coach who asks. Nobody sees a person but those who coach them: in private, or a group they are in. */
export interface Asker {
  readonly studioId: string;
  readonly coachId: string;
}

/** Everybody a coach coaches. That they were seen is noted, once a day. */
export async function peopleOf(database: Database, key: HealthKey, asker: Asker): Promise<readonly PersonRecord[]> {
  const rows = await database.select().from(person).where(coachedBy(database, asker)).orderBy(person.id);
  const records = await recordsOf(database, key, rows);
  await note(
    database,
    asker,
    'saw',
    records.map(({ id }) => id),
  );
  return records.toSorted((one, other) => one.document.name.localeCompare(other.document.name));
}

/** What came of keeping a person. */
export type PersonResult =
  | { readonly kind: 'kept'; readonly record: PersonRecord }
  | { readonly kind: 'outdated'; readonly current: PersonRecord }
  | { readonly kind: 'missing' }
  | { readonly kind: 'hold left out' }
  | { readonly kind: 'no such group' };

/** Adds somebody, whom the coach then coaches in private, or keeps a change made on a version. */
export function savePerson(
  database: Database,
  key: HealthKey,
  asker: Asker,
  id: string,
  save: PersonSave,
): Promise<PersonResult> {
  return database.transaction(async (transaction) => {
    const { studioId, coachId } = asker;
    const kept = await personRow(transaction, asker, id);
    const before = kept ? await groupIdsOf(transaction, id) : [];
    // A coach may leave somebody in another coach's group, but not put them there.
    const own = await groupsCoached(transaction, asker);
    if (save.groupIds.some((groupId) => !own.has(groupId) && !before.includes(groupId)))
      return { kind: 'no such group' };
    const [now] = kept ? await recordsOf(transaction, key, [kept]) : [];
    if (now && save.version === now.version && !keepsHolds(now.document.holds, save.document.holds)) {
      return { kind: 'hold left out' };
    }
    const sealed = seal(key, ownerOf(studioId, id), save.document);
    if (save.version === null) {
      const made = await transaction
        .insert(person)
        .values({ id, studioId, version: 1, sealed })
        .onConflictDoNothing()
        .returning({ id: person.id });
      if (made.length === 0) return asItStands(transaction, key, asker, id);
      await transaction.insert(personCoach).values({ studioId, personId: id, coachId });
    } else {
      if (!kept) return { kind: 'missing' };
      const changed = await transaction
        .update(person)
        .set({ sealed, version: save.version + 1 })
        .where(and(eq(person.id, id), eq(person.studioId, studioId), eq(person.version, save.version)))
        .returning({ id: person.id });
      if (changed.length === 0) return asItStands(transaction, key, asker, id);
    }
    await transaction.delete(personGroup).where(and(eq(personGroup.studioId, studioId), eq(personGroup.personId, id)));
    const groups = save.groupIds.map((groupId) => ({ studioId, personId: id, groupId }));
    if (groups.length > 0) await transaction.insert(personGroup).values(groups);
    await note(transaction, asker, save.version === null ? 'added' : 'changed', [id]);
    const version = (save.version ?? 0) + 1;
    return { kind: 'kept', record: { id, version, groupIds: save.groupIds, document: save.document } };
  });
}

/** Deletes somebody for good, with everything that was known of them. What was run stays, and says nothing of them. */
export async function deletePerson(database: Database, asker: Asker, id: string): Promise<boolean> {
  if (!(await personRow(database, asker, id))) return false;
  await database.delete(person).where(and(eq(person.studioId, asker.studioId), eq(person.id, id)));
  return true;
}

/** Who saw or changed somebody's data, last first; undefined where the coach does not coach them. */
export async function accessesOf(database: Database, asker: Asker, id: string): Promise<readonly Access[] | undefined> {
  if (!(await personRow(database, asker, id))) return undefined;
  const rows = await database
    .select({ coachName: coach.name, action: personAccess.action, at: personAccess.at })
    .from(personAccess)
    .innerJoin(coach, eq(coach.id, personAccess.coachId))
    .where(and(eq(personAccess.studioId, asker.studioId), eq(personAccess.personId, id)))
    .orderBy(desc(personAccess.at))
    .limit(200);
  return rows.map(({ at, ...rest }) => ({ ...rest, at: at.toISOString() }));
}

/** Notes that a coach saw or changed people's data. */
export async function note(
  database: Database,
  { studioId, coachId }: Asker,
  action: Access['action'],
  ids: readonly string[],
): Promise<void> {
  if (ids.length === 0) return;
  await database
    .insert(personAccess)
    .values(ids.map((personId) => ({ studioId, coachId, personId, action })))
    .onConflictDoNothing();
}

/** The ids of the groups a coach coaches. */
export async function groupsCoached(database: Database, { studioId, coachId }: Asker): Promise<ReadonlySet<string>> {
  const rows = await database
    .select({ groupId: groupCoach.groupId })
    .from(groupCoach)
    .where(and(eq(groupCoach.studioId, studioId), eq(groupCoach.coachId, coachId)));
  return new Set(rows.map(({ groupId }) => groupId));
}

type Row = typeof person.$inferSelect;

async function personRow(database: Database, asker: Asker, id: string): Promise<Row | undefined> {
  const [row] = await database
    .select()
    .from(person)
    .where(and(coachedBy(database, asker), eq(person.id, id)));
  return row;
}

function coachedBy(database: Database, { studioId, coachId }: Asker): SQL | undefined {
  const privately = database
    .select({ one: sql`1` })
    .from(personCoach)
    .where(and(eq(personCoach.personId, person.id), eq(personCoach.coachId, coachId)));
  const inGroup = database
    .select({ one: sql`1` })
    .from(personGroup)
    .innerJoin(groupCoach, eq(groupCoach.groupId, personGroup.groupId))
    .where(and(eq(personGroup.personId, person.id), eq(groupCoach.coachId, coachId)));
  return and(eq(person.studioId, studioId), or(exists(privately), exists(inGroup)));
}

async function groupIdsOf(database: Database, id: string): Promise<readonly string[]> {
  const rows = await database.select().from(personGroup).where(eq(personGroup.personId, id));
  return rows.map(({ groupId }) => groupId);
}

async function recordsOf(database: Database, key: HealthKey, rows: readonly Row[]): Promise<readonly PersonRecord[]> {
  const ids = rows.map(({ id }) => id);
  const groups =
    ids.length > 0 ? await database.select().from(personGroup).where(inArray(personGroup.personId, ids)) : [];
  return rows.map(({ id, studioId, version, sealed }) => {
    const document: PersonDocument = trusted(personDocumentSchema, unseal(key, ownerOf(studioId, id), sealed));
    const groupIds = groups.filter(({ personId }) => personId === id).map(({ groupId }) => groupId);
    return { id, version, groupIds, document };
  });
}

/** Why a change was not kept: somebody else changed the person since, or deleted them. */
async function asItStands(database: Database, key: HealthKey, asker: Asker, id: string): Promise<PersonResult> {
  const row = await personRow(database, asker, id);
  const [current] = row ? await recordsOf(database, key, [row]) : [];
  return current ? { kind: 'outdated', current } : { kind: 'missing' };
}

/** What a sealed record belongs to. */
export function ownerOf(studioId: string, personId: string): string {
  return `${studioId}/${personId}`;
}
