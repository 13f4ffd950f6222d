import { and, eq, isNull, sql } from 'drizzle-orm';
import { circuit, run, site } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** A run that comes from a file: without what each drill took. */
export interface ImportedRun {
  readonly circuitId: string;
  readonly circuitTitle: string;
  readonly groupId: string | null;
  readonly siteId: string | null;
  readonly coachId: string;
  /** When it began on the wall of its place: 2026-11-25 06:15. */
  readonly began: string;
  readonly planned: number;
  readonly actual: number;
  readonly paused: number;
  readonly endedEarly: boolean;
  readonly effort: number | null;
  readonly warm: 'yes' | 'nearly' | 'no' | null;
  readonly note: string;
}

/** The zone of a run without a place: that of the studio's first place by name. */
const zoneOf = (studioId: string) =>
  sql`(select ${site.timeZone} from ${site} where ${site.studioId} = ${studioId} order by ${site.name} limit 1)`;

/** Writes runs of a file into the log, each in the time zone of its place. */
export async function addRuns(database: Database, studioId: string, runs: readonly ImportedRun[]): Promise<void> {
  const rows = runs.map((one) => [
    one.circuitId,
    one.circuitTitle,
    one.groupId,
    one.siteId,
    one.coachId,
    one.began,
    one.planned,
    one.actual,
    one.paused,
    one.endedEarly,
    one.effort,
    one.warm,
    one.note,
  ]);
  await database.execute(sql`
    insert into ${run} (id, studio_id, circuit_id, circuit_title, group_id, site_id, coach_id, started_at, finished_at,
      planned, actual, paused, ended_early, effort, warm, note)
    select gen_random_uuid(), ${studioId}::uuid, (t->>0)::uuid, t->>1, (t->>2)::uuid, (t->>3)::uuid, (t->>4)::uuid,
      began, began + ((t->>7)::float8 + (t->>8)::float8) * interval '1 second',
      (t->>6)::float8, (t->>7)::float8, (t->>8)::float8, (t->>9)::boolean, (t->>10)::int, t->>11, t->>12
    from jsonb_array_elements(${JSON.stringify(rows)}::jsonb) as t
    left join ${site} s on s.studio_id = ${studioId}::uuid and s.id = (t->>3)::uuid,
    lateral (select (t->>5)::timestamp at time zone coalesce(s.time_zone, ${zoneOf(studioId)}, 'UTC') as began) as at_place`);
}

/** The runs in the log of a studio between two days: circuit, coach, and the minute each began at on the wall of its place. */
export function beganOf(
  database: Database,
  studioId: string,
  { first, last }: { readonly first: string; readonly last: string },
): Promise<readonly { readonly circuitId: string; readonly coachId: string; readonly began: string }[]> {
  const zone = sql`coalesce(${site.timeZone}, ${zoneOf(studioId)}, 'UTC')`;
  return database
    .select({
      circuitId: run.circuitId,
      coachId: run.coachId,
      began: sql<string>`to_char(${run.startedAt} at time zone ${zone}, 'YYYY-MM-DD HH24:MI')`,
    })
    .from(run)
    .leftJoin(site, and(eq(site.studioId, run.studioId), eq(site.id, run.siteId)))
    .where(
      and(
        eq(run.studioId, studioId),
        isNull(run.takenOutAt),
        // A place may be a day ahead of UTC, or behind it.
        sql`${run.startedAt} >= ${first}::date - interval '1 day'`,
        sql`${run.startedAt} < ${last}::date + interval '2 days'`,
      ),
    );
}

/** The circuits of a studio by title; of several of one title the one that was saved last comes last. */
export function titlesOf(
  database: Database,
  studioId: string,
): Promise<readonly { readonly id: string; readonly title: string }[]> {
  return database
    .select({ id: circuit.id, title: sql<string>`${circuit.document}->>'title'` })
    .from(circuit)
    .where(and(eq(circuit.studioId, studioId), isNull(circuit.takenOutAt)))
    .orderBy(circuit.savedAt);
}
