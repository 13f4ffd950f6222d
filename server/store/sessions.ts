import { plannedSessionSchema, type NewSession, type PlannedSession } from '@prompt-spark/contract/session';
import type { AgreedFit } from '@prompt-spark/core/fit/plan';
import { and, asc, eq, gte, isNull, lt, type SQL, sql } from 'drizzle-orm';
import { circuit, coach, plannedSession, run } from '../schema/tables.ts';
import { circuitRecord } from './circuits.ts';
import type { Database } from './database.ts';
import { trusted } from './trusted.ts';

/** Sessions that start in a span, in order of time. */
export function sessionsBetween(
  database: Database,
  studioId: string,
  from: Date,
  to: Date,
): Promise<readonly PlannedSession[]> {
  return sessionsWhere(
    database,
    and(
      eq(plannedSession.studioId, studioId),
      isNull(plannedSession.takenOutAt),
      gte(plannedSession.startsAt, from),
      lt(plannedSession.startsAt, to),
    ),
  );
}

/** One session that has not been taken out. */
export async function sessionOf(database: Database, studioId: string, id: string): Promise<PlannedSession | undefined> {
  const [found] = await sessionsWhere(
    database,
    and(eq(plannedSession.studioId, studioId), eq(plannedSession.id, id), isNull(plannedSession.takenOutAt)),
  );
  return found;
}

/** Puts a session in the book; again changes nothing. The circuit, group and site must be the studio's own. */
export async function addSession(
  database: Database,
  studioId: string,
  coachId: string,
  session: NewSession,
): Promise<PlannedSession | undefined> {
  await database
    .insert(plannedSession)
    .values({ ...session, studioId, coachId, startsAt: new Date(session.startsAt) })
    .onConflictDoNothing({ target: plannedSession.id });
  return sessionOf(database, studioId, session.id);
}

/** Sets how a session is shortened, for it alone; null for as planned. Undefined where there is no such session. */
export async function fitSession(
  database: Database,
  studioId: string,
  id: string,
  fit: AgreedFit | null,
): Promise<PlannedSession | undefined> {
  await database
    .update(plannedSession)
    .set({ fit })
    .where(and(eq(plannedSession.studioId, studioId), eq(plannedSession.id, id), isNull(plannedSession.takenOutAt)));
  return sessionOf(database, studioId, id);
}

/** Takes a session out of the book. False where there is none. */
export async function takeOutSession(database: Database, studioId: string, id: string): Promise<boolean> {
  const rows = await database
    .update(plannedSession)
    .set({ takenOutAt: sql`now()` })
    .where(and(eq(plannedSession.studioId, studioId), eq(plannedSession.id, id), isNull(plannedSession.takenOutAt)))
    .returning({ id: plannedSession.id });
  return rows.length > 0;
}

/** The last run of a session; null where it has not been run. */
const latestRun = sql<string | null>`(
  select ${run.id} from ${run}
  where ${run.studioId} = ${plannedSession.studioId} and ${run.sessionId} = ${plannedSession.id}
  order by ${run.startedAt} desc limit 1)`;

async function sessionsWhere(database: Database, condition: SQL | undefined): Promise<readonly PlannedSession[]> {
  const rows = await database
    .select({ session: plannedSession, circuit, coachName: coach.name, runId: latestRun })
    .from(plannedSession)
    .innerJoin(circuit, and(eq(circuit.studioId, plannedSession.studioId), eq(circuit.id, plannedSession.circuitId)))
    .innerJoin(coach, and(eq(coach.studioId, plannedSession.studioId), eq(coach.id, plannedSession.coachId)))
    .where(condition)
    .orderBy(asc(plannedSession.startsAt), asc(plannedSession.id));
  return rows.map(({ session, circuit: row, coachName, runId }) =>
    trusted(plannedSessionSchema, {
      id: session.id,
      circuitId: session.circuitId,
      groupId: session.groupId,
      siteId: session.siteId,
      startsAt: session.startsAt.toISOString(),
      minutes: session.minutes,
      coachName,
      circuit: circuitRecord(row),
      runId,
      fit: session.fit,
    }),
  );
}
