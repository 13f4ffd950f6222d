import { runsSchema, type NewRun, type Run } from '@prompt-spark/contract/run';
import { and, asc, desc, eq, inArray } from 'drizzle-orm';
import { circuit, coach, group, plannedSession, run, runTurn, site } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { trusted } from './trusted.ts';

/** How many runs the log lists at a time. */
const LISTED = 200;

/** The latest runs of a studio, last first, each with what every slot took. */
export async function runsOf(database: Database, studioId: string): Promise<readonly Run[]> {
  const rows = await database
    .select({
      run,
      coachName: coach.name,
      groupName: group.name,
      siteName: site.name,
      timeZone: site.timeZone,
    })
    .from(run)
    .innerJoin(coach, and(eq(coach.studioId, run.studioId), eq(coach.id, run.coachId)))
    .leftJoin(group, and(eq(group.studioId, run.studioId), eq(group.id, run.groupId)))
    .leftJoin(site, and(eq(site.studioId, run.studioId), eq(site.id, run.siteId)))
    .where(eq(run.studioId, studioId))
    .orderBy(desc(run.startedAt), desc(run.id))
    .limit(LISTED);
  const turns = await turnsOf(
    database,
    studioId,
    rows.map((row) => row.run.id),
  );
  return trusted(
    runsSchema,
    rows.map(({ run: { studioId: _, coachId: __, groupId: ___, siteId: ____, ...rest }, ...names }) => ({
      ...rest,
      ...names,
      startedAt: rest.startedAt.toISOString(),
      finishedAt: rest.finishedAt.toISOString(),
      turns: turns.get(rest.id) ?? [],
    })),
  );
}

async function turnsOf(database: Database, studioId: string, runIds: readonly string[]) {
  const rows = await database
    .select()
    .from(runTurn)
    .where(and(eq(runTurn.studioId, studioId), inArray(runTurn.runId, [...runIds])))
    .orderBy(asc(runTurn.runId), asc(runTurn.position));
  const byRun = new Map<string, Omit<(typeof rows)[number], 'studioId' | 'runId' | 'position'>[]>();
  for (const { runId, studioId: _, position: __, ...turn } of rows) {
    byRun.set(runId, [...(byRun.get(runId) ?? []), turn]);
  }
  return byRun;
}

/** What came of recording a run. */
export type RecordResult = 'kept' | 'kept before' | 'no such circuit' | 'no such session' | 'id taken';

/** Records a run with its turns, all or nothing. The same run sent again is kept once. */
export async function recordRun(
  database: Database,
  studioId: string,
  coachId: string,
  { turns, ...rest }: NewRun,
): Promise<RecordResult> {
  return database.transaction(async (transaction) => {
    if (await isKept(transaction, studioId, rest.id)) return 'kept before';
    const from = await placeOf(transaction, studioId, rest);
    if (typeof from === 'string') return from;
    const added = await transaction
      .insert(run)
      .values({
        ...rest,
        ...from,
        studioId,
        coachId,
        startedAt: new Date(rest.startedAt),
        finishedAt: new Date(rest.finishedAt),
      })
      .onConflictDoNothing()
      .returning({ id: run.id });
    // Sent twice at once, the other may have been the quicker.
    if (added.length === 0) return (await isKept(transaction, studioId, rest.id)) ? 'kept before' : 'id taken';
    if (turns.length > 0) {
      await transaction
        .insert(runTurn)
        .values(turns.map((turn, position) => ({ ...turn, studioId, runId: rest.id, position })));
    }
    return 'kept';
  });
}

async function isKept(database: Database, studioId: string, id: string): Promise<boolean> {
  const rows = await database
    .select({ id: run.id })
    .from(run)
    .where(and(eq(run.studioId, studioId), eq(run.id, id)));
  return rows.length > 0;
}

/** The group and site a run was for: the session's where it has one, else the circuit's. */
async function placeOf(
  database: Database,
  studioId: string,
  { sessionId, circuitId }: Pick<NewRun, 'sessionId' | 'circuitId'>,
): Promise<{ groupId: string | null; siteId: string | null } | 'no such circuit' | 'no such session'> {
  const [ofCircuit] = await database
    .select({ groupId: circuit.groupId, siteId: circuit.siteId })
    .from(circuit)
    .where(and(eq(circuit.studioId, studioId), eq(circuit.id, circuitId)));
  if (!ofCircuit) return 'no such circuit';
  if (sessionId === null) return ofCircuit;
  const [ofSession] = await database
    .select({ groupId: plannedSession.groupId, siteId: plannedSession.siteId })
    .from(plannedSession)
    .where(and(eq(plannedSession.studioId, studioId), eq(plannedSession.id, sessionId)));
  return ofSession ?? 'no such session';
}
