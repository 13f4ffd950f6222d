import {
  circuitSchema,
  type CircuitKept,
  type CircuitRecord,
  type CircuitSave,
  type CircuitStamp,
  type CircuitSummary,
  type CircuitWish,
  type NewCircuit,
} from '@prompt-spark/contract/circuit';
import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { PAGE_SIZE } from '@prompt-spark/contract/page';
import { and, desc, eq, isNull, sql, type SQL } from 'drizzle-orm';
import { circuit, group } from '../schema/tables.ts';
import { cursorTo, endFrom, type PageEnd } from './cursor.ts';
import { refusedBy, type Database } from './database.ts';
import { prepared } from './prepared.ts';
import { roomForCircuit, roomForSave } from './quotas.ts';
import { readDocument, type UnreadableRow } from './stored.ts';
import { refreshCircuits } from './summaries.ts';
import { SUMMARY_STAMP } from './summary.ts';

/** A circuit without what lists are made from. */
const WHOLE = {
  id: circuit.id,
  version: circuit.version,
  saveId: circuit.saveId,
  savedAt: circuit.savedAt,
  groupId: circuit.groupId,
  siteId: circuit.siteId,
  document: circuit.document,
  schemaVersion: circuit.schemaVersion,
  takenOutAt: circuit.takenOutAt,
};
type Row = Pick<typeof circuit.$inferSelect, keyof typeof WHOLE>;

/**
 * A stored circuit as it travels.
 *
 * @throws NotReadable
 */
export function circuitRecord(row: Row): CircuitRecord {
  const { groupId, siteId } = row;
  return { ...stampOf(row), groupId, siteId, circuit: readDocument('circuit', circuitSchema, row) };
}

function stampOf({ id, version, savedAt }: Pick<Row, 'id' | 'version' | 'savedAt'>): CircuitStamp {
  return { id, version, savedAt: savedAt.toISOString() };
}

function keptOf(row: Pick<Row, 'id' | 'version' | 'savedAt' | 'takenOutAt'>): CircuitKept {
  return { ...stampOf(row), takenOut: row.takenOutAt !== null };
}

/** A page of a studio's circuits, and what cannot be opened among them. */
export interface CircuitList {
  readonly circuits: readonly CircuitSummary[];
  readonly next: string | null;
  readonly unreadable: readonly UnreadableRow[];
  /** Whether summaries were made anew on the way. */
  readonly refreshed: boolean;
}

/** What of a circuit a list is made from. */
const LISTED = {
  id: circuit.id,
  version: circuit.version,
  savedAt: circuit.savedAt,
  at: sql<string>`to_char(${circuit.savedAt} at time zone 'UTC', 'YYYY-MM-DD HH24:MI:SS.US')`,
  groupId: circuit.groupId,
  siteId: circuit.siteId,
  summary: circuit.summary,
  summaryOf: circuit.summaryOf,
};

/** The circuits of a studio that have not been taken out, last saved first, from where the last page ended. */
export async function circuitsOf(database: Database, studioId: string, wish: CircuitWish = {}): Promise<CircuitList> {
  const narrowed = (wish.find ?? '').trim() !== '' || wish.tag !== undefined || wish.drill !== undefined;
  // What is looked for may be in circuits whose summaries are not as they would be made today.
  const unreadable = narrowed ? await refreshCircuits(database, studioId) : [];
  const page = () => pageOf(database, studioId, wish);
  let rows = await page();
  const stale = rows.filter(({ summaryOf }) => summaryOf !== SUMMARY_STAMP).map(({ id }) => id);
  const damaged = new Map(unreadable.map((row) => [row.id, row]));
  const again = stale.some((id) => !damaged.has(id));
  if (again) {
    for (const row of await refreshCircuits(database, studioId, stale)) damaged.set(row.id, row);
    rows = await page();
  }
  const shown = rows.slice(0, PAGE_SIZE);
  const last = shown.at(-1);
  return {
    circuits: shown.flatMap(({ summary, groupId, siteId, ...row }) =>
      summary && !damaged.has(row.id) ? [{ ...stampOf(row), groupId, siteId, ...summary }] : [],
    ),
    next: rows.length > PAGE_SIZE && last ? cursorTo(last) : null,
    unreadable: shown.flatMap(({ id }) => damaged.get(id) ?? []),
    refreshed: narrowed || again,
  };
}

/** One more row than a page holds, to tell whether there is another page. */
async function pageOf(database: Database, studioId: string, { find = '', tag, drill, after }: CircuitWish) {
  const words = wordsOf(find);
  const end = after === undefined ? undefined : endFrom(after);
  if (words.length === 0 && tag === undefined && drill === undefined && !end) {
    const first = prepared(database, 'circuits_first_page', () =>
      database
        .select(LISTED)
        .from(circuit)
        .where(and(eq(circuit.studioId, sql.placeholder('studioId')), isNull(circuit.takenOutAt)))
        .orderBy(desc(circuit.savedAt), desc(circuit.id))
        .limit(PAGE_SIZE + 1)
        .prepare('circuits_first_page'),
    );
    return first.execute({ studioId });
  }
  return database
    .select(LISTED)
    .from(circuit)
    .leftJoin(group, and(eq(group.studioId, circuit.studioId), eq(group.id, circuit.groupId)))
    .where(
      and(
        eq(circuit.studioId, studioId),
        isNull(circuit.takenOutAt),
        tag === undefined ? undefined : sql`${circuit.tags} @> array[${tag}]`,
        drill === undefined ? undefined : sql`${circuit.drillIds} @> array[${drill}]`,
        end && beyond(end),
        ...words.map(named),
      ),
    )
    .orderBy(desc(circuit.savedAt), desc(circuit.id))
    .limit(PAGE_SIZE + 1);
}

/** Every tag that the studio's circuits have, in order. */
export async function tagsOf(database: Database, studioId: string): Promise<readonly string[]> {
  const query = prepared(database, 'tags', () =>
    database
      .select({ tag: sql<string>`distinct unnest(${circuit.tags})` })
      .from(circuit)
      .where(
        and(
          eq(circuit.studioId, sql.placeholder('studioId')),
          isNull(circuit.takenOutAt),
          sql`${circuit.tags} <> '{}'`,
        ),
      )
      .prepare('tags'),
  );
  const rows = await query.execute({ studioId });
  return rows.map(({ tag }) => tag).toSorted();
}

/** More words than this narrow nothing any more. */
const MOST_WORDS = 8;
/** How alike a word must be to one of the circuit's; pg_trgm's own threshold is 0.6 and misses two slips in a long word. */
const LIKE_ENOUGH = 0.45;
/** Two letters are in too many words to look for what is like them. */
const LEAST_LETTERS = 3;

function wordsOf(find: string): readonly string[] {
  return find.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);
}

/** A circuit that has a word, or one like it, in its own words or its group's name. */
function named(word: string): SQL {
  const text = sql`(${circuit.searchText} || ' ' || lower(coalesce(${group.name}, '')))`;
  const part = `%${word.replaceAll(/[\\%_]/g, (letter) => `\\${letter}`)}%`;
  if (word.length < LEAST_LETTERS) return sql`${text} like ${part}`;
  return sql`(${text} like ${part} or word_similarity(${word}, ${text}) >= ${LIKE_ENOUGH})`;
}

function beyond({ at, id }: PageEnd): SQL {
  return sql`(${circuit.savedAt}, ${circuit.id}) < (${at}::timestamp at time zone 'UTC', ${id}::uuid)`;
}

/**
 * One circuit, taken out or not: a session in the book may still need it.
 *
 * @throws NotReadable
 */
export async function circuitOf(database: Database, studioId: string, id: string): Promise<CircuitRecord | undefined> {
  const row = await rowOf(database, studioId, id);
  return row && circuitRecord(row);
}

/** What came of keeping a circuit. `outdated`: it was made on an older version. `no such place`: its group or site is another's. */
export type SaveResult =
  | { readonly kind: 'kept'; readonly stamp: CircuitKept }
  | { readonly kind: 'outdated'; readonly current: CircuitRecord }
  | { readonly kind: 'missing' | 'id taken' | 'no such place' };

/** Adds a circuit. Adding the same one again changes nothing. */
export function addCircuit(
  database: Database,
  studioId: string,
  { id, groupId, siteId, circuit: document }: NewCircuit,
): Promise<SaveResult> {
  return inOwnPlaces(async () => {
    await roomForCircuit(database, studioId);
    const [added] = await database
      .insert(circuit)
      .values({
        id,
        studioId,
        version: 1,
        saveId: id,
        groupId,
        siteId,
        document,
        schemaVersion: SCHEMA_VERSIONS.circuit,
      })
      .onConflictDoNothing()
      .returning(WHOLE);
    const row = added ?? (await rowOf(database, studioId, id));
    return row ? { kind: 'kept', stamp: keptOf(row) } : { kind: 'id taken' };
  });
}

/** Saves a change made on a version. The same save sent again is kept once and answered the same. */
export function saveCircuit(
  database: Database,
  studioId: string,
  id: string,
  { version, saveId, groupId, siteId, circuit: document }: CircuitSave,
): Promise<SaveResult> {
  return inOwnPlaces(async () => {
    const query = prepared(database, 'save_circuit', () =>
      database
        .update(circuit)
        .set({
          version: sql`${sql.placeholder('version')}::integer + 1`,
          saveId: sql`${sql.placeholder('saveId')}`,
          groupId: sql`${sql.placeholder('groupId')}`,
          siteId: sql`${sql.placeholder('siteId')}`,
          document: sql`${sql.placeholder('document')}`,
          schemaVersion: SCHEMA_VERSIONS.circuit,
          summaryOf: '',
          savedAt: sql`now()`,
        })
        .where(
          and(
            eq(circuit.studioId, sql.placeholder('studioId')),
            eq(circuit.id, sql.placeholder('id')),
            sql`${circuit.version} = ${sql.placeholder('version')}::integer`,
          ),
        )
        .returning({
          id: circuit.id,
          version: circuit.version,
          savedAt: circuit.savedAt,
          takenOutAt: circuit.takenOutAt,
        })
        .prepare('save_circuit'),
    );
    const text = JSON.stringify(document);
    await roomForSave(database, studioId, text.length);
    const [kept] = await query.execute({ studioId, id, version, saveId, groupId, siteId, document: text });
    if (kept) return { kind: 'kept', stamp: keptOf(kept) };
    const present = await rowOf(database, studioId, id);
    if (!present) return { kind: 'missing' };
    if (present.saveId === saveId) return { kind: 'kept', stamp: keptOf(present) };
    return { kind: 'outdated', current: circuitRecord(present) };
  });
}

/** A circuit may name only groups and sites of its own studio: the database refuses all others. */
async function inOwnPlaces(keep: () => Promise<SaveResult>): Promise<SaveResult> {
  try {
    return await keep();
  } catch (error) {
    if (refusedBy(error) === 'foreign key') return { kind: 'no such place' };
    throw error;
  }
}

async function rowOf(database: Database, studioId: string, id: string): Promise<Row | undefined> {
  const query = prepared(database, 'circuit_row', () =>
    database
      .select(WHOLE)
      .from(circuit)
      .where(and(eq(circuit.studioId, sql.placeholder('studioId')), eq(circuit.id, sql.placeholder('id'))))
      .prepare('circuit_row'),
  );
  const [row] = await query.execute({ studioId, id });
  return row;
}
