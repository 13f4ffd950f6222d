import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { measureSchema } from '@prompt-spark/contract/measure';
import { approachSchema, mainSessionSchema, type Standards } from '@prompt-spark/contract/standard';
import type { Kept } from '@prompt-spark/contract/kept';
import type { Approach } from '@prompt-spark/core/approach/approach';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { MEASURES, type Measure } from '@prompt-spark/core/measures/measure';
import type { TradeTimes } from '@prompt-spark/core/occasion/trade';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { circuit, plannedSession, standard, studio } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { inTurn } from './inTurn.ts';
import { readDocument, readEach, type UnreadableRow } from './stored.ts';

type Kind = (typeof standard.$inferSelect)['kind'];

/** What a studio holds to, and what of it cannot be opened. */
export interface StandardList extends Omit<Standards, 'unreadable'> {
  readonly unreadable: Readonly<Record<keyof Standards['unreadable'], readonly UnreadableRow[]>>;
}

/** Everything a studio holds to beside what ships. */
export async function standardsOf(database: Database, studioId: string): Promise<StandardList> {
  const rows = await database
    .select()
    .from(standard)
    .where(and(eq(standard.studioId, studioId), isNull(standard.takenOutAt)))
    .orderBy(standard.id);
  const [own] = await database
    .select({ defaultApproach: studio.defaultApproach, times: studio.times })
    .from(studio)
    .where(eq(studio.studioId, studioId));
  const approaches = readEach(
    rows.filter(({ kind }) => kind === 'approach'),
    (row) => ({ version: row.version, document: readDocument('approach', approachSchema, row) }),
  );
  const sessions = readEach(
    rows.filter(({ kind }) => kind === 'main session'),
    (row) => ({ version: row.version, document: readDocument('main session', mainSessionSchema, row) }),
  );
  const measures = readEach(
    rows.filter(({ kind }) => kind === 'measure'),
    (row) => ({ version: row.version, document: readDocument('measure', measureSchema, row) }),
  );
  return {
    defaultApproach: own?.defaultApproach ?? '',
    times: own?.times ?? null,
    approaches: approaches.read,
    sessions: sessions.read,
    measures: measures.read,
    unreadable: {
      approaches: approaches.unreadable,
      sessions: sessions.unreadable,
      measures: measures.unreadable,
    },
  };
}

/** What came of keeping a standard. `taken`: its name is another's. */
export type StandardResult<Document> =
  | { readonly kind: 'kept'; readonly kept: Kept<Document> }
  | { readonly kind: 'taken' }
  | { readonly kind: 'outdated'; readonly current: Kept<Document> | undefined };

/** Keeps an approach of the studio's own. */
export const saveApproach = (
  database: Database,
  studioId: string,
  save: Kept<Approach>,
): Promise<StandardResult<Approach>> =>
  saveStandard(database, studioId, 'approach', save, APPROACHES, ({ approaches }) => approaches);

/** Keeps a main session of the studio's own. */
export const saveMainSession = (
  database: Database,
  studioId: string,
  save: Kept<MainSession>,
): Promise<StandardResult<MainSession>> =>
  saveStandard(database, studioId, 'main session', save, MAIN_SESSIONS, ({ sessions }) => sessions);

/** Keeps a measure of the studio's own. */
export const saveMeasure = (
  database: Database,
  studioId: string,
  save: Kept<Measure>,
): Promise<StandardResult<Measure>> =>
  saveStandard(database, studioId, 'measure', save, MEASURES, ({ measures }) => measures);

/** Keeps one of a kind, unless its name is another's of that kind. */
function saveStandard<Document extends Approach | MainSession | Measure>(
  database: Database,
  studioId: string,
  kind: Kind,
  save: Kept<Document>,
  shipped: readonly Named[],
  among: (all: StandardList) => readonly Kept<Document>[],
): Promise<StandardResult<Document>> {
  return inTurn(database, studioId, 'standards', async (transaction) => {
    const own = among(await standardsOf(transaction, studioId));
    if (taken(save.document, [...shipped, ...own.map(({ document }) => document)])) return { kind: 'taken' };
    const version = await keep(transaction, studioId, kind, save);
    if (version !== undefined) return { kind: 'kept', kept: { version, document: save.document } };
    return { kind: 'outdated', current: own.find(({ document }) => document.id === save.document.id) };
  });
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Names tell standards apart on the board, so each must be its own; and what ships keeps its ids. */
function taken({ id, name }: Named, others: readonly Named[]): boolean {
  const said = name.toLowerCase();
  const shipped: readonly Named[] = [...APPROACHES, ...MAIN_SESSIONS, ...MEASURES];
  return shipped.some((own) => own.id === id) || others.some((own) => own.id !== id && own.name.toLowerCase() === said);
}

/** Writes a new standard, or a change made on the version that is there. Gives its version; undefined where it was changed since. */
async function keep(
  database: Database,
  studioId: string,
  kind: Kind,
  { version, document }: Kept<Approach | MainSession | Measure>,
): Promise<number | undefined> {
  const { id } = document;
  const back = { version: standard.version };
  const schemaVersion = SCHEMA_VERSIONS[kind];
  if (version === null) {
    const [made] = await database
      .insert(standard)
      .values({ studioId, kind, id, version: 1, document, schemaVersion })
      .onConflictDoNothing()
      .returning(back);
    return made?.version;
  }
  const [kept] = await database
    .update(standard)
    .set({ document, schemaVersion, version: version + 1 })
    .where(and(own(studioId, kind, id), eq(standard.version, version)))
    .returning(back);
  return kept?.version;
}

/** Takes a standard of the studio's own out; a default that goes is a default no more. False where there is none. */
export function takeOutStandard(database: Database, studioId: string, kind: Kind, id: string): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const rows = await transaction
      .update(standard)
      .set({ takenOutAt: sql`now()` })
      .where(own(studioId, kind, id))
      .returning({ id: standard.id });
    if (kind === 'approach') {
      await transaction
        .update(studio)
        .set({ defaultApproach: '' })
        .where(and(eq(studio.studioId, studioId), eq(studio.defaultApproach, id)));
    }
    return rows.length > 0;
  });
}

/** Sets the seconds that a studio counts with, so that every list is timed anew; null for those of the trade. */
export function setTimes(database: Database, studioId: string, times: TradeTimes | null): Promise<void> {
  return inTurn(database, studioId, 'standards', async (transaction) => {
    await transaction.update(studio).set({ times }).where(eq(studio.studioId, studioId));
    await transaction.update(circuit).set({ summaryOf: '' }).where(eq(circuit.studioId, studioId));
    await transaction.update(plannedSession).set({ summaryOf: '' }).where(eq(plannedSession.studioId, studioId));
  });
}

/** Makes an approach the one of circuits that name none. False where the studio has no such approach. */
export async function setDefaultApproach(database: Database, studioId: string, id: string): Promise<boolean> {
  const { approaches } = await standardsOf(database, studioId);
  const known = [...APPROACHES, ...approaches.map(({ document }) => document)].some((approach) => approach.id === id);
  if (known) await database.update(studio).set({ defaultApproach: id }).where(eq(studio.studioId, studioId));
  return known;
}

function own(studioId: string, kind: Kind, id: string) {
  return and(
    eq(standard.studioId, studioId),
    eq(standard.kind, kind),
    eq(standard.id, id),
    isNull(standard.takenOutAt),
  );
}
