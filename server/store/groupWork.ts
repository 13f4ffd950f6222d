import { MOST_GROUP_RUNS, type GroupRun, type GroupWork } from '@prompt-spark/contract/groupWork';
import { and, asc, desc, eq, gte, inArray, isNull, sql } from 'drizzle-orm';
import { circuit, group, run, runTurn, site } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** What a group ran since an instant, drill by drill, last run first; undefined where there is no such group. */
export async function groupWorkOf(
  database: Database,
  studioId: string,
  groupId: string,
  from: string,
): Promise<GroupWork | undefined> {
  const [known] = await database
    .select({ id: group.id })
    .from(group)
    .where(and(eq(group.studioId, studioId), eq(group.id, groupId)));
  if (!known) return undefined;
  const rows = await database
    .select({
      id: run.id,
      startedAt: run.startedAt,
      timeZone: site.timeZone,
      circuitId: run.circuitId,
      circuitTitle: run.circuitTitle,
      purpose: sql<string>`coalesce(${circuit.document}->>'purpose', '')`,
    })
    .from(run)
    .innerJoin(circuit, and(eq(circuit.studioId, run.studioId), eq(circuit.id, run.circuitId)))
    .leftJoin(site, and(eq(site.studioId, run.studioId), eq(site.id, run.siteId)))
    .where(
      and(
        eq(run.studioId, studioId),
        eq(run.groupId, groupId),
        gte(run.startedAt, new Date(from)),
        isNull(run.takenOutAt),
      ),
    )
    .orderBy(desc(run.startedAt), desc(run.id))
    .limit(MOST_GROUP_RUNS);
  const drills = await drillsOf(
    database,
    studioId,
    rows.map(({ id }) => id),
  );
  return {
    runs: rows.map((row) => ({
      ...row,
      startedAt: row.startedAt.toISOString(),
      drills: drills.get(row.id) ?? [],
    })),
  };
}

/** What each drill took in some runs, over all its rounds. */
async function drillsOf(
  database: Database,
  studioId: string,
  runIds: readonly string[],
): Promise<ReadonlyMap<string, GroupRun['drills']>> {
  if (runIds.length === 0) return new Map();
  const rows = await database
    .select({ runId: runTurn.runId, drillId: runTurn.drillId, seconds: sql<number>`sum(${runTurn.actual})` })
    .from(runTurn)
    .where(and(eq(runTurn.studioId, studioId), inArray(runTurn.runId, [...runIds])))
    .groupBy(runTurn.runId, runTurn.drillId)
    .orderBy(asc(runTurn.runId), asc(sql`min(${runTurn.position})`));
  const found = new Map<string, { readonly drillId: string; readonly seconds: number }[]>();
  for (const { runId, ...drill } of rows) {
    const known = found.get(runId);
    if (known) known.push(drill);
    else found.set(runId, [drill]);
  }
  return found;
}
