import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import {
  MOST_CHOICES,
  personDocumentSchema,
  PEOPLE_PAGE,
  type Access,
  type PersonDocument,
  type PersonRecord,
  type PersonSave,
} from '@prompt-spark/contract/person';
import { keepsHolds, standingChoices } from '@prompt-spark/core/people/person';
import { and, eq, exists, gt, isNull, or, sql, type SQL } from 'drizzle-orm';
import { ownerOf } from '../health/owner.ts';
import type { KeyRing } from '../health/keyRing.ts';
import { seal, unseal } from '../health/seal.ts';
import { circuit, groupCoach, person, personCoach, personGroup } from '../schema/tables.ts';
import { accessRecordOf, note } from './accessRecord.ts';
import type { Asker } from './asker.ts';
import type { Database } from './database.ts';
import { forgetLifted, leaveHolds, withLeftHolds } from './leftHolds.ts';
import { roomForPeople } from './quotas.ts';
import { NotReadable, readDocument, readEach, type ReadList } from './stored.ts';

/** A page of people, and from whom the next one goes on. */
export interface PeopleList extends ReadList<PersonRecord> {
  /** The last id of this page; undefined where there is no other page. */
  readonly last: string | undefined;
}

/** A page of the people a coach coaches, after somebody's id. That they were seen is noted, once a day. */
export async function peopleAfter(
  database: Database,
  key: KeyRing,
  asker: Asker,
  after: string | undefined,
): Promise<PeopleList> {
  const rows = await database
    .select()
    .from(person)
    .where(
      and(
        coachedBy(database, asker),
        isNull(person.takenOutAt),
        after === undefined ? undefined : gt(person.id, after),
      ),
    )
    .orderBy(person.id)
    .limit(PEOPLE_PAGE + 1);
  const { read, unreadable } = await recordsOf(database, key, rows.slice(0, PEOPLE_PAGE));
  await note(
    database,
    asker,
    'saw',
    read.map(({ id }) => id),
  );
  return { read, unreadable, last: rows.length > PEOPLE_PAGE ? rows[PEOPLE_PAGE - 1]?.id : undefined };
}

/** Everybody a coach coaches, page after page, so that nobody else waits for all of them. */
export async function* pagesOfPeople(
  database: Database,
  key: KeyRing,
  asker: Asker,
): AsyncGenerator<readonly PersonRecord[]> {
  let after: string | undefined;
  do {
    const { read, last } = await peopleAfter(database, key, asker, after);
    yield read;
    after = last;
  } while (after !== undefined);
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
  key: KeyRing,
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
    const now = kept && (await recordOf(transaction, key, kept));
    if (now && save.version === now.version && !keepsHolds(now.document.holds, save.document.holds)) {
      return { kind: 'hold left out' };
    }
    const given = await withStandingChoices(transaction, studioId, save.document);
    const document = save.version === null ? await withLeftHolds(transaction, key, studioId, given) : given;
    const sealed = seal(key, ownerOf(studioId, id), document);
    const { person: schemaVersion } = SCHEMA_VERSIONS;
    if (save.version === null) {
      await roomForPeople(transaction, studioId, 1);
      const made = await transaction
        .insert(person)
        .values({ id, studioId, version: 1, sealed, schemaVersion })
        .onConflictDoNothing()
        .returning({ id: person.id });
      if (made.length === 0) return asItStands(transaction, key, asker, id);
      await transaction.insert(personCoach).values({ studioId, personId: id, coachId });
    } else {
      if (!kept) return { kind: 'missing' };
      const changed = await transaction
        .update(person)
        .set({ sealed, schemaVersion, version: save.version + 1 })
        .where(and(eq(person.id, id), eq(person.studioId, studioId), eq(person.version, save.version)))
        .returning({ id: person.id });
      if (changed.length === 0) return asItStands(transaction, key, asker, id);
      await forgetLifted(transaction, key, studioId, document);
    }
    await transaction.delete(personGroup).where(and(eq(personGroup.studioId, studioId), eq(personGroup.personId, id)));
    const groups = save.groupIds.map((groupId) => ({ studioId, personId: id, groupId }));
    if (groups.length > 0) await transaction.insert(personGroup).values(groups);
    await note(transaction, asker, save.version === null ? 'added' : 'changed', [id]);
    const version = (save.version ?? 0) + 1;
    return { kind: 'kept', record: { id, version, groupIds: save.groupIds, document } };
  });
}

/** Choices for a day are kept until it is past everywhere on earth. */
const CHOICE_GRACE_MS = 2 * 24 * 60 * 60 * 1000;

/** A person without the choices that no longer count: those for a day that is past, and for slots that are no more. */
async function withStandingChoices(
  database: Database,
  studioId: string,
  document: PersonDocument,
): Promise<PersonDocument> {
  const circuitIds = [...new Set(document.choices.map(({ circuitId }) => circuitId))];
  if (circuitIds.length === 0) return document;
  const rows = await database
    .select({
      id: circuit.id,
      slotIds: sql<readonly string[]>`jsonb_path_query_array(${circuit.document}, '$.blocks[*].lines[*].id')`,
    })
    .from(circuit)
    .where(and(eq(circuit.studioId, studioId), sql`${circuit.id} = any(${sql.param(circuitIds)}::uuid[])`));
  const slots = new Map(rows.map(({ id, slotIds }) => [id, new Set(slotIds)]));
  const since = new Date(Date.now() - CHOICE_GRACE_MS).toISOString().slice(0, 10);
  const standing = standingChoices(document.choices, since, (circuitId, slotId) =>
    Boolean(slots.get(circuitId)?.has(slotId)),
  );
  return { ...document, choices: standing.slice(-MOST_CHOICES) };
}

/**
 * Deletes somebody for good, with everything that was known of them but a hold that nobody lifted; that it was done is
 * noted. What was run stays, and says nothing of them.
 */
export function deletePerson(database: Database, key: KeyRing, asker: Asker, id: string): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const row = await personRow(transaction, asker, id);
    if (!row) return false;
    const record = await recordOf(transaction, key, row);
    if (record) await leaveHolds(transaction, key, asker.studioId, record.document);
    const gone = await transaction
      .delete(person)
      .where(and(eq(person.studioId, asker.studioId), eq(person.id, id)))
      .returning({ id: person.id });
    if (gone.length > 0) await note(transaction, asker, 'deleted', [id]);
    return gone.length > 0;
  });
}

/** Who saw or changed somebody's data, last first; undefined where the coach does not coach them. */
export async function accessesOf(database: Database, asker: Asker, id: string): Promise<readonly Access[] | undefined> {
  return (await personRow(database, asker, id)) ? accessRecordOf(database, asker, id) : undefined;
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

/** Somebody whom a coach coaches, and who is in no bin. */
export async function personRow(database: Database, asker: Asker, id: string): Promise<Row | undefined> {
  const [row] = await database
    .select()
    .from(person)
    .where(and(coachedBy(database, asker), isNull(person.takenOutAt), eq(person.id, id)));
  return row;
}

/** Whom a coach coaches: in private, or in a group of theirs. */
export function coachedBy(database: Database, { studioId, coachId }: Asker): SQL | undefined {
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

/** Rows opened, with the groups that each person is in. */
export async function recordsOf(
  database: Database,
  key: KeyRing,
  rows: readonly Row[],
): Promise<ReadList<PersonRecord>> {
  const ids = rows.map(({ id }) => id);
  const links =
    ids.length > 0
      ? await database
          .select()
          .from(personGroup)
          .where(sql`${personGroup.personId} = any(${sql.param(ids)}::uuid[])`)
      : [];
  const groupsOf = new Map<string, string[]>();
  for (const { personId, groupId } of links) groupsOf.set(personId, [...(groupsOf.get(personId) ?? []), groupId]);
  return readEach(rows, ({ id, studioId, version, sealed, schemaVersion }) => {
    const document = readDocument('person', personDocumentSchema, {
      document: opened(key, ownerOf(studioId, id), sealed),
      schemaVersion,
    });
    return { id, version, groupIds: groupsOf.get(id) ?? [], document };
  });
}

function opened(key: KeyRing, owner: string, sealed: string): unknown {
  try {
    return unseal(key, owner, sealed);
  } catch (error) {
    throw new NotReadable(error instanceof Error ? error.message : 'A sealed record does not open.');
  }
}

/** One person; undefined where what is stored of them cannot be opened. */
export async function recordOf(database: Database, key: KeyRing, row: Row): Promise<PersonRecord | undefined> {
  return (await recordsOf(database, key, [row])).read[0];
}

/** Why a change was not kept: somebody else changed the person since, or deleted them. */
async function asItStands(database: Database, key: KeyRing, asker: Asker, id: string): Promise<PersonResult> {
  const row = await personRow(database, asker, id);
  const current = row && (await recordOf(database, key, row));
  return current ? { kind: 'outdated', current } : { kind: 'missing' };
}
