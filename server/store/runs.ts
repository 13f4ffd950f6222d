import { PAGE_SIZE } from '@prompt-spark/contract/page';
import type {
  NewRun,
  RunCorrection,
  RunPage,
  RunSummary,
  RunTurn,
  RunTurns,
  RunWish,
} from '@prompt-spark/contract/run';
import type { RunPace } from '@prompt-spark/core/session/gaps';
import {
  and,
  asc,
  desc,
  eq,
  getTableColumns,
  gte,
  isNotNull,
  isNull,
  lt,
  sql,
  type Placeholder,
  type SQL,
} from 'drizzle-orm';
import { circuit, coach, group, plannedSession, run, runTurn, site } from '../schema/tables.ts';
import { cursorTo, endFrom } from './cursor.ts';
import type { Database } from './database.ts';
import { prepared } from './prepared.ts';
import { roomForRuns } from './quotas.ts';

/** What a list tells of a run; its gaps are told with its turns, and its times as they are sent. */
const {
  studioId: _,
  coachId: __,
  siteId: ___,
  pace: ____,
  takenOutAt: _____,
  startedAt: ______,
  finishedAt: _______,
  ...SHOWN
} = getTableColumns(run);

/** A page of a studio's runs, last first, from where the last page ended. */
export async function runsOf(database: Database, studioId: string, wish: RunWish = {}): Promise<RunPage> {
  const rows = await pageOf(database, studioId, wish);
  const shown = rows.slice(0, PAGE_SIZE);
  const last = shown.at(-1);
  return {
    runs: shown.map(toSummary),
    next: rows.length > PAGE_SIZE && last ? cursorTo(last) : null,
  };
}

/** Said field by field: to copy all but a few of every row takes longer than packing the whole answer. */
const toSummary = (row: Awaited<ReturnType<typeof pageOf>>[number]): RunSummary => ({
  id: row.id,
  sessionId: row.sessionId,
  circuitId: row.circuitId,
  circuitTitle: row.circuitTitle,
  startedAt: instantOf(row.at),
  finishedAt: instantOf(row.until),
  endedEarly: row.endedEarly,
  effort: row.effort,
  warm: row.warm,
  note: row.note,
  marks: row.marks,
  coachName: row.coachName,
  groupId: row.groupId,
  groupName: row.groupName,
  siteName: row.siteName,
  timeZone: row.timeZone,
  planned: row.planned,
  actual: row.actual,
  paused: row.paused,
});

/** An instant as it is sent, from what the database writes to the microsecond. */
const instantOf = (at: string): string => `${at.slice(0, 10)}T${at.slice(11, 23)}Z`;

/** One more row than a page holds, to tell whether there is another page. */
async function pageOf(
  database: Database,
  studioId: string,
  { from, to, group: groupId, coach: coachId, circuit: circuitId, after }: RunWish,
) {
  const end = after === undefined ? undefined : endFrom(after);
  const narrowing = [
    from === undefined ? undefined : gte(run.startedAt, new Date(from)),
    to === undefined ? undefined : lt(run.startedAt, new Date(to)),
    groupId === undefined ? undefined : eq(run.groupId, groupId),
    coachId === undefined ? undefined : eq(run.coachId, coachId),
    circuitId === undefined ? undefined : eq(run.circuitId, circuitId),
  ];
  if (narrowing.some(Boolean))
    return rowsOf(database, eq(run.studioId, studioId), end && beyond(end.at, end.id), ...narrowing);
  // The whole log is what is asked for most: its two statements are made once.
  const own = eq(run.studioId, sql.placeholder('studioId'));
  if (!end)
    return prepared(database, 'runs_first_page', () => rowsOf(database, own).prepare('runs_first_page')).execute({
      studioId,
    });
  return prepared(database, 'runs_further_page', () =>
    rowsOf(database, own, beyond(sql.placeholder('at'), sql.placeholder('id'))).prepare('runs_further_page'),
  ).execute({ studioId, ...end });
}

/** What comes after an end of a page. */
const beyond = (at: string | Placeholder, id: string | Placeholder): SQL =>
  sql`(${run.startedAt}, ${run.id}) < (${at}::timestamp at time zone 'UTC', ${id}::uuid)`;

const rowsOf = (database: Database, ...conditions: readonly (SQL | undefined)[]) =>
  database
    .select({
      ...SHOWN,
      at: inUtc(run.startedAt),
      until: inUtc(run.finishedAt),
      coachName: coach.name,
      groupName: group.name,
      siteName: site.name,
      timeZone: site.timeZone,
    })
    .from(run)
    .innerJoin(coach, and(eq(coach.studioId, run.studioId), eq(coach.id, run.coachId)))
    .leftJoin(group, and(eq(group.studioId, run.studioId), eq(group.id, run.groupId)))
    .leftJoin(site, and(eq(site.studioId, run.studioId), eq(site.id, run.siteId)))
    .where(and(isNull(run.takenOutAt), ...conditions))
    .orderBy(desc(run.startedAt), desc(run.id))
    .limit(PAGE_SIZE + 1);

const inUtc = (column: typeof run.startedAt | typeof run.finishedAt) =>
  sql<string>`to_char(${column} at time zone 'UTC', 'YYYY-MM-DD HH24:MI:SS.US')`;

/** What every slot of a run took, in the order of the plan, and what its gaps did; undefined where there is no such run. */
export async function turnsOf(database: Database, studioId: string, runId: string): Promise<RunTurns | undefined> {
  const [kept] = await database
    .select({ pace: run.pace })
    .from(run)
    .where(and(eq(run.studioId, studioId), eq(run.id, runId)));
  if (!kept) return undefined;
  const rows = await database
    .select()
    .from(runTurn)
    .where(and(eq(runTurn.studioId, studioId), eq(runTurn.runId, runId)))
    .orderBy(asc(runTurn.position));
  return { pace: kept.pace, turns: rows.map(({ studioId: _, runId: __, position: ___, ...turn }) => turn) };
}

/** Runs that a coach's pace is learnt from, at most. */
const RUNS_TOLD = 200;

/** The pace of a coach's last runs, last first, with the group of each. */
export async function pacesOf(
  database: Database,
  studioId: string,
  coachId: string,
): Promise<readonly { readonly groupId: string | null; readonly pace: RunPace }[]> {
  const rows = await database
    .select({ groupId: run.groupId, pace: run.pace })
    .from(run)
    .where(and(eq(run.studioId, studioId), eq(run.coachId, coachId), isNull(run.takenOutAt), isNotNull(run.pace)))
    .orderBy(desc(run.startedAt), desc(run.id))
    .limit(RUNS_TOLD);
  return rows.flatMap(({ groupId, pace }) => (pace ? [{ groupId, pace }] : []));
}

/** What came of recording a run. */
export type RecordResult = 'kept' | 'kept before' | 'no such circuit' | 'no such session' | 'id taken';

/** Records a run with its turns, all or nothing. The same run sent again is kept once. */
export async function recordRun(
  database: Database,
  studioId: string,
  coachId: string,
  newRun: NewRun,
): Promise<RecordResult> {
  const { turns, ...rest } = newRun;
  return database.transaction(async (transaction) => {
    if (await isKept(transaction, studioId, rest.id)) return 'kept before';
    const from = await placeOf(transaction, studioId, rest);
    if (typeof from === 'string') return from;
    await roomForRuns(transaction, studioId, 1, JSON.stringify(newRun).length);
    const added = await transaction
      .insert(run)
      .values({
        ...rest,
        ...from,
        studioId,
        coachId,
        startedAt: new Date(rest.startedAt),
        finishedAt: new Date(rest.finishedAt),
        ...sumsOf(turns),
      })
      .onConflictDoNothing()
      .returning({ id: run.id });
    // Sent twice at once, the other may have been the quicker.
    if (added.length === 0) return (await isKept(transaction, studioId, rest.id)) ? 'kept before' : 'id taken';
    await addTurns(transaction, studioId, rest.id, turns);
    return 'kept';
  });
}

/** Corrects what was said of a run when it ended. False where there is no such run. */
export async function correctRun(
  database: Database,
  studioId: string,
  id: string,
  correction: RunCorrection,
): Promise<boolean> {
  const rows = await database
    .update(run)
    .set(correction)
    .where(and(eq(run.studioId, studioId), eq(run.id, id), isNull(run.takenOutAt)))
    .returning({ id: run.id });
  return rows.length > 0;
}

/** All turns in one statement with one parameter, however many there are. */
async function addTurns(database: Database, studioId: string, runId: string, turns: readonly RunTurn[]): Promise<void> {
  if (turns.length === 0) return;
  const rows = turns.map(({ slotId, drillId, drillName, phase, round, planned, actual, paused }, position) => [
    position,
    slotId,
    drillId,
    drillName,
    phase,
    round,
    planned,
    actual,
    paused,
  ]);
  await database.execute(sql`
    insert into ${runTurn}
      (studio_id, run_id, position, slot_id, drill_id, drill_name, phase, round, planned, actual, paused)
    select ${studioId}::uuid, ${runId}::uuid, (t->>0)::int, t->>1, t->>2, t->>3, t->>4, (t->>5)::int,
      (t->>6)::float8, (t->>7)::float8, (t->>8)::float8
    from jsonb_array_elements(${JSON.stringify(rows)}::jsonb) as t`);
}

/** What turns come to, in seconds. */
export function sumsOf(turns: readonly RunTurn[]): { planned: number; actual: number; paused: number } {
  const sum = (of: 'planned' | 'actual' | 'paused') => turns.reduce((all, turn) => all + turn[of], 0);
  return { planned: sum('planned'), actual: sum('actual'), paused: sum('paused') };
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
