import { agreedFit } from '@prompt-spark/contract/fit';
import type { PlannedSession, SessionSummary, SiteTime } from '@prompt-spark/contract/session';
import { and, asc, eq, gte, isNull, lt, sql } from 'drizzle-orm';
import { circuit, coach, plannedSession, run, site } from '../schema/tables.ts';
import { circuitRecord } from './circuits.ts';
import type { Database } from './database.ts';
import { readDocument, type UnreadableRow } from './stored.ts';
import { refreshSessions, sessionStamp } from './summaries.ts';

/** The sessions of a span, and what cannot be opened among them. */
export interface SessionsFound {
  readonly sessions: readonly SessionSummary[];
  readonly unreadable: readonly UnreadableRow[];
}

/** Sessions that start in a span, in order of time. */
export async function sessionsBetween(
  database: Database,
  studioId: string,
  from: Date,
  to: Date,
): Promise<SessionsFound> {
  const listed = () =>
    database
      .select({
        id: plannedSession.id,
        circuitId: plannedSession.circuitId,
        groupId: plannedSession.groupId,
        siteId: plannedSession.siteId,
        coachId: plannedSession.coachId,
        seriesId: plannedSession.seriesId,
        startsAt: plannedSession.startsAt,
        minutes: plannedSession.minutes,
        at: siteTime,
        coachName: coach.name,
        runId: latestRun,
        summary: plannedSession.summary,
        summaryOf: plannedSession.summaryOf,
        circuitVersion: circuit.version,
      })
      .from(plannedSession)
      .innerJoin(circuit, ofSession)
      .innerJoin(coach, bookedBy)
      .leftJoin(site, heldAt)
      .where(
        and(
          eq(plannedSession.studioId, studioId),
          isNull(plannedSession.takenOutAt),
          gte(plannedSession.startsAt, from),
          lt(plannedSession.startsAt, to),
        ),
      )
      .orderBy(asc(plannedSession.startsAt), asc(plannedSession.id));
  let rows = await listed();
  const stale = rows
    .filter(({ summaryOf, circuitVersion }) => summaryOf !== sessionStamp(circuitVersion))
    .map(({ id }) => id);
  let unreadable: readonly UnreadableRow[] = [];
  if (stale.length > 0) {
    unreadable = await refreshSessions(database, studioId, stale);
    rows = await listed();
  }
  const damaged = new Set(unreadable.map(({ id }) => id));
  return {
    sessions: rows.flatMap(({ summary, summaryOf: _, circuitVersion: __, startsAt, ...row }) =>
      summary && !damaged.has(row.id) ? [{ ...row, startsAt: startsAt.toISOString(), ...summary }] : [],
    ),
    unreadable,
  };
}

/**
 * One session that has not been taken out.
 *
 * @throws NotReadable
 */
export async function sessionOf(database: Database, studioId: string, id: string): Promise<PlannedSession | undefined> {
  const [row] = await database
    .select({ session: plannedSession, circuit, coachName: coach.name, runId: latestRun })
    .from(plannedSession)
    .innerJoin(circuit, ofSession)
    .innerJoin(coach, bookedBy)
    .where(and(eq(plannedSession.studioId, studioId), eq(plannedSession.id, id), isNull(plannedSession.takenOutAt)));
  if (!row) return undefined;
  const { session, circuit: circuitRow, coachName, runId } = row;
  const { circuitId, groupId, siteId, coachId, seriesId, startsAt, minutes, fit, picks, schemaVersion } = session;
  return {
    id,
    circuitId,
    groupId,
    siteId,
    coachId,
    seriesId,
    startsAt: startsAt.toISOString(),
    minutes,
    coachName,
    circuit: circuitRecord(circuitRow),
    runId,
    fit: fit && readDocument('fit', agreedFit, { document: fit, schemaVersion }),
    picks,
  };
}

const ofSession = and(eq(circuit.studioId, plannedSession.studioId), eq(circuit.id, plannedSession.circuitId));
const bookedBy = and(eq(coach.studioId, plannedSession.studioId), eq(coach.id, plannedSession.coachId));

const heldAt = and(eq(site.studioId, plannedSession.studioId), eq(site.id, plannedSession.siteId));

const atSite = sql`(${plannedSession.startsAt} at time zone ${site.timeZone})`;
/** When it starts on the wall of its site; null where it has no site. A browser need not know of time zones then. */
const siteTime = sql<SiteTime | null>`case when ${site.id} is null then null else jsonb_build_object(
  'day', to_char(${atSite}, 'YYYY-MM-DD'),
  'time', to_char(${atSite}, 'FMHH24:MI'),
  'daysAhead', ${atSite}::date - (now() at time zone ${site.timeZone})::date) end`;

/** The last run of a session; null where it has not been run. */
const latestRun = sql<string | null>`(
  select ${run.id} from ${run}
  where ${run.studioId} = ${plannedSession.studioId} and ${run.sessionId} = ${plannedSession.id}
    and ${run.takenOutAt} is null
  order by ${run.startedAt} desc limit 1)`;
