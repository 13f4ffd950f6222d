import type { Access } from '@prompt-spark/contract/person';
import { and, desc, eq, sql } from 'drizzle-orm';
import { coach, personAccess } from '../schema/tables.ts';
import type { Asker } from './asker.ts';
import type { Database } from './database.ts';

/** Who saw or changed somebody's data, last first. The caller has seen to it that the coach may know. */
export async function accessRecordOf(database: Database, asker: Asker, id: string): Promise<readonly Access[]> {
  const rows = await database
    .select({ coachName: coach.name, action: personAccess.action, at: personAccess.at, times: personAccess.times })
    .from(personAccess)
    .innerJoin(coach, eq(coach.id, personAccess.coachId))
    .where(and(eq(personAccess.studioId, asker.studioId), eq(personAccess.personId, id)))
    .orderBy(desc(personAccess.at))
    .limit(200);
  return rows.map(({ at, ...rest }) => ({ ...rest, at: at.toISOString() }));
}

/**
 * Notes that a coach saw or changed people's data: a line a day for each person and action, and for looking one line in
 * all, with the last time and on how many days. It grows with people and days, never with looks.
 */
export async function note(
  database: Database,
  { studioId, coachId }: Asker,
  action: Access['action'],
  ids: readonly string[],
): Promise<void> {
  if (ids.length === 0) return;
  const noted = sql`
    insert into ${personAccess} (studio_id, person_id, coach_id, action)
    select ${studioId}::uuid, id::uuid, ${coachId}::uuid, ${action}
    from jsonb_array_elements_text(${JSON.stringify(ids)}::jsonb) as id`;
  await database.execute(
    action === 'saw'
      ? sql`${noted} on conflict (person_id, coach_id) where action = 'saw'
          do update set at = now(), times = ${personAccess}.times + 1, on_day = current_date
          where ${personAccess}.on_day < current_date`
      : sql`${noted} on conflict (person_id, coach_id, action, on_day) where action <> 'saw'
          do update set at = now(), times = ${personAccess}.times + 1`,
  );
}
