import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import type { NewSession, SeriesSpan, SessionMove } from '@prompt-spark/contract/session';
import type { BlockPick } from '@prompt-spark/core/circuit/pick';
import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import { and, eq, gte, isNotNull, isNull, or, sql, TransactionRollbackError } from 'drizzle-orm';
import { plannedSession, site } from '../schema/tables.ts';
import { refusedBy, type Database } from './database.ts';

/** What came of putting a session in the book. `no such …`: it names what is not the studio's. */
export type BookingResult = 'kept' | 'id taken' | 'no such circuit, group, site or coach';

/** Puts a session in the book, and those that repeat it: all of them or none. Again changes nothing. */
export async function addSession(
  database: Database,
  studioId: string,
  coachId: string,
  { id, startsAt, repeats, ...booking }: NewSession,
): Promise<BookingResult> {
  const seriesId = repeats.length > 0 ? id : null;
  const common = { ...booking, studioId, coachId: booking.coachId ?? coachId, seriesId };
  const starts = [{ id, startsAt }, ...repeats];
  const rows = starts.map((start) => ({ ...common, id: start.id, startsAt: new Date(start.startsAt) }));
  try {
    const added = await database.transaction(async (transaction) => {
      const inserted = await transaction
        .insert(plannedSession)
        .values(rows)
        // Sent several times at once, it may meet the one that is there by either of its two unique keys.
        .onConflictDoNothing()
        .returning({ id: plannedSession.id });
      if (inserted.length > 0 && inserted.length < rows.length) transaction.rollback();
      return inserted.length > 0;
    });
    if (added) return 'kept';
  } catch (error) {
    if (error instanceof TransactionRollbackError) return 'id taken';
    if (refusedBy(error) === 'foreign key') return 'no such circuit, group, site or coach';
    throw error;
  }
  const [present] = await database.select({ id: plannedSession.id }).from(plannedSession).where(standing(studioId, id));
  return present ? 'kept' : 'id taken';
}

/** What came of moving a session. `no such group …`: it names what is not the studio's. */
export type MoveResult = 'moved' | 'no such session' | 'no such group, site or coach';

/**
 * Holds a session at another time or place, by another coach, for another group or for longer. Those of its series that
 * follow move with it, if wished, by as much as it moves on the clock of its site: 18:00 stays 18:00 when the clocks change.
 */
export async function moveSession(
  database: Database,
  studioId: string,
  id: string,
  { span, startsAt, ...booking }: SessionMove,
): Promise<MoveResult> {
  try {
    return await database.transaction(async (transaction) => {
      const [session] = await transaction.select().from(plannedSession).where(standing(studioId, id)).for('update');
      if (!session) return 'no such session';
      const [from, to] = await Promise.all([
        zoneOf(transaction, studioId, session.siteId),
        zoneOf(transaction, studioId, booking.siteId),
      ]);
      const by = sql`(${startsAt}::timestamptz at time zone ${to}) - (${session.startsAt.toISOString()}::timestamptz at time zone ${from})`;
      await transaction
        .update(plannedSession)
        .set({
          ...booking,
          startsAt: sql`((${plannedSession.startsAt} at time zone ${from}) + (${by})) at time zone ${to}`,
          summaryOf: '',
        })
        .where(spanned(session, span));
      return 'moved';
    });
  } catch (error) {
    if (refusedBy(error) === 'foreign key') return 'no such group, site or coach';
    throw error;
  }
}

/** The time zone of a site; UTC where there is none. */
async function zoneOf(database: Database, studioId: string, siteId: string | null): Promise<string> {
  if (siteId === null) return 'UTC';
  const [row] = await database
    .select({ timeZone: site.timeZone })
    .from(site)
    .where(and(eq(site.studioId, studioId), eq(site.id, siteId)));
  return row?.timeZone ?? 'UTC';
}

/**
 * Sets whose turn it is in the blocks that pick, for a session alone; null for nothing picked yet. What it was shortened by
 * was meant for other drills, and goes. False where there is no such session.
 */
export async function pickForSession(
  database: Database,
  studioId: string,
  id: string,
  picks: readonly BlockPick[] | null,
): Promise<boolean> {
  const rows = await database
    .update(plannedSession)
    .set({ picks, fit: null, summaryOf: '' })
    .where(standing(studioId, id))
    .returning({ id: plannedSession.id });
  return rows.length > 0;
}

/** Sets how a session is shortened, for it alone; null for as planned. False where there is no such session. */
export async function fitSession(
  database: Database,
  studioId: string,
  id: string,
  fit: AgreedFit | null,
): Promise<boolean> {
  const rows = await database
    .update(plannedSession)
    .set({ fit, schemaVersion: SCHEMA_VERSIONS.fit, summaryOf: '' })
    .where(standing(studioId, id))
    .returning({ id: plannedSession.id });
  return rows.length > 0;
}

/** Takes a session out of the book, alone or with those of its series that follow. False where there is none. */
export async function takeOutSession(
  database: Database,
  studioId: string,
  id: string,
  span: SeriesSpan = 'one',
): Promise<boolean> {
  const [session] = await database.select().from(plannedSession).where(standing(studioId, id));
  if (!session) return false;
  const rows = await database
    .update(plannedSession)
    .set({ takenOutAt: sql`now()` })
    .where(spanned(session, span))
    .returning({ id: plannedSession.id });
  return rows.length > 0;
}

/** Puts a session in the book again that was taken out, alone or with those taken out with it. False where there is none. */
export async function bringBackSession(
  database: Database,
  studioId: string,
  id: string,
  span: SeriesSpan = 'one',
): Promise<boolean> {
  const out = database
    .select({ takenOutAt: plannedSession.takenOutAt, seriesId: plannedSession.seriesId })
    .from(plannedSession)
    .where(and(ofStudio(studioId), eq(plannedSession.id, id), isNotNull(plannedSession.takenOutAt)))
    .as('session_out');
  const together = sql`(series_id, taken_out_at) = (select ${out.seriesId}, ${out.takenOutAt} from ${out})`;
  const rows = await database
    .update(plannedSession)
    .set({ takenOutAt: null })
    .where(
      and(
        ofStudio(studioId),
        isNotNull(plannedSession.takenOutAt),
        span === 'one' ? eq(plannedSession.id, id) : or(eq(plannedSession.id, id), together),
      ),
    )
    .returning({ id: plannedSession.id });
  return rows.length > 0;
}

const ofStudio = (studioId: string) => eq(plannedSession.studioId, studioId);

function standing(studioId: string, id: string) {
  return and(ofStudio(studioId), eq(plannedSession.id, id), isNull(plannedSession.takenOutAt));
}

/** A session, and those of its series that start after it where they are meant too. */
function spanned({ id, studioId, seriesId, startsAt }: typeof plannedSession.$inferSelect, span: SeriesSpan) {
  if (span === 'one' || seriesId === null) return standing(studioId, id);
  return and(
    ofStudio(studioId),
    eq(plannedSession.seriesId, seriesId),
    gte(plannedSession.startsAt, startsAt),
    isNull(plannedSession.takenOutAt),
  );
}
