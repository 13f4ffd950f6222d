import { circuitSchema } from '@prompt-spark/contract/circuit';
import { agreedFit } from '@prompt-spark/contract/fit';
import { asPicked } from '@prompt-spark/core/circuit/pick';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { and, eq, isNull, ne, sql, type SQL } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import { circuit, plannedSession } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { timedWith } from './library.ts';
import { NotReadable, readDocument, type UnreadableRow } from './stored.ts';
import { searchTextOf, sketchOfCircuit, sketchOfSession, SUMMARY_STAMP } from './summary.ts';

/** How many summaries are made before other requests get their turn. */
const IN_ONE_GO = 8;
/** How many documents are fetched at a time. */
const FETCHED = 64;

/** Makes the summaries anew of a studio's circuits that are not as they would be made today: all of them, or those named. */
export async function refreshCircuits(
  database: Database,
  studioId: string,
  ids?: readonly string[],
): Promise<readonly UnreadableRow[]> {
  const unreadable: UnreadableRow[] = [];
  const stale = and(
    eq(circuit.studioId, studioId),
    isNull(circuit.takenOutAt),
    ne(circuit.summaryOf, SUMMARY_STAMP),
    ids ? sql`${circuit.id} = any(${sql.param([...ids])}::uuid[])` : undefined,
  );
  let timing: Awaited<ReturnType<typeof timedWith>> | undefined;
  await inGoes(
    (seen) =>
      database
        .select()
        .from(circuit)
        .where(and(stale, notAmong(circuit.id, seen)))
        .limit(FETCHED),
    async ({ id, version, groupId, siteId, ...stored }) => {
      timing ??= await timedWith(database, studioId);
      try {
        const document = readDocument('circuit', circuitSchema, stored);
        const made = {
          summary: sketchOfCircuit(document, groupId, siteId, timing),
          summaryOf: SUMMARY_STAMP,
          searchText: searchTextOf(document, timing),
          tags: [...document.tags],
          drillIds: [...new Set(allSlots(document).map(({ drillId }) => drillId))],
        };
        const own = and(eq(circuit.studioId, studioId), eq(circuit.id, id), eq(circuit.version, version));
        await database.update(circuit).set(made).where(own);
      } catch (error) {
        unreadable.push({ id, why: reasonOf(error) });
      }
    },
  );
  return unreadable;
}

/** What a session's summary was made from: today's way of making it, and the version of its circuit. */
export function sessionStamp(circuitVersion: number): string {
  return `${SUMMARY_STAMP} ${String(circuitVersion)}`;
}

/** Makes the summaries of sessions anew. */
export async function refreshSessions(
  database: Database,
  studioId: string,
  ids: readonly string[],
): Promise<readonly UnreadableRow[]> {
  const unreadable: UnreadableRow[] = [];
  const timing = await timedWith(database, studioId);
  const own = and(
    eq(plannedSession.studioId, studioId),
    sql`${plannedSession.id} = any(${sql.param([...ids])}::uuid[])`,
  );
  await inGoes(
    async (seen) => {
      const rows = await database
        .select({ session: plannedSession, circuit })
        .from(plannedSession)
        .innerJoin(
          circuit,
          and(eq(circuit.studioId, plannedSession.studioId), eq(circuit.id, plannedSession.circuitId)),
        )
        .where(and(own, notAmong(plannedSession.id, seen)))
        .limit(FETCHED);
      return rows.map((row) => ({ ...row, id: row.session.id }));
    },
    async ({ id, session, circuit: row }) => {
      try {
        const document = readDocument('circuit', circuitSchema, row);
        const { groupId, siteId, picks, schemaVersion } = session;
        const fit = session.fit && readDocument('fit', agreedFit, { document: session.fit, schemaVersion });
        const made = {
          summary: sketchOfSession(asPicked(document, picks ?? []), { groupId, siteId, fit }, timing),
          summaryOf: sessionStamp(row.version),
        };
        await database
          .update(plannedSession)
          .set(made)
          .where(and(eq(plannedSession.studioId, studioId), eq(plannedSession.id, id)));
      } catch (error) {
        unreadable.push({ id, why: reasonOf(error) });
      }
    },
  );
  return unreadable;
}

/** Fetches and works in goes, so that nobody else waits long, until there is nothing left that was not seen. */
async function inGoes<Row extends { readonly id: string }>(
  fetch: (seen: readonly string[]) => PromiseLike<readonly Row[]>,
  work: (row: Row) => Promise<void>,
): Promise<void> {
  const seen: string[] = [];
  for (;;) {
    const rows = await fetch(seen);
    for (const [index, row] of rows.entries()) {
      seen.push(row.id);
      await work(row);
      if (index % IN_ONE_GO === IN_ONE_GO - 1) await setImmediate();
    }
    if (rows.length < FETCHED) return;
  }
}

function notAmong(column: typeof circuit.id | typeof plannedSession.id, ids: readonly string[]): SQL | undefined {
  return ids.length > 0 ? sql`${column} <> all(${sql.param([...ids])}::uuid[])` : undefined;
}

/** A document that passed its schema once and cannot be timed is as unreadable as one that never did. */
function reasonOf(error: unknown): string {
  if (error instanceof NotReadable) return error.message;
  if (error instanceof TypeError || error instanceof RangeError) return `It cannot be timed: ${error.message}`;
  throw error;
}
