import type { BinEntry, BinKind } from '@prompt-spark/contract/bin';
import { BIN_DAYS } from '@prompt-spark/core/schedule/bounds';
import { sql, type SQL } from 'drizzle-orm';
import { circuit, person, plannedSession, run, studioDrill } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** Entries that are shown at most; what is older is found by searching. */
const MOST_SHOWN = 200;
const KEPT = sql`interval '1 day' * ${BIN_DAYS}`;

interface Row extends Record<string, unknown> {
  readonly kind: BinKind;
  readonly id: string;
  readonly title: string;
  readonly at: string | null;
  readonly taken_out_at: string;
}

/** What a studio took out in the last days, last first; with all of these words in its title. */
export async function binOf(database: Database, studioId: string, find = ''): Promise<readonly BinEntry[]> {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const named = words.map(
    (word) => sql`and lower(title) like ${`%${word.replaceAll(/[\\%_]/g, (sign) => `\\${sign}`)}%`}`,
  );
  const utc = (column: SQL) => sql`to_char(${column} at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
  const { rows } = await database.execute<Row>(sql`
    select kind, id, title, ${utc(sql`at`)} as at, ${utc(sql`taken_out_at`)} as taken_out_at
    from (
      select 'circuit' as kind, ${circuit.id}::text as id, ${circuit.document}->>'title' as title,
        null::timestamptz as at, ${circuit.takenOutAt} as taken_out_at
      from ${circuit} where ${circuit.studioId} = ${studioId}
      union all
      select 'drill', ${studioDrill.id}, ${studioDrill.document}->>'name', null, ${studioDrill.takenOutAt}
      from ${studioDrill} where ${studioDrill.studioId} = ${studioId}
      union all
      select 'session', ${plannedSession.id}::text, ${circuit.document}->>'title', ${plannedSession.startsAt}, ${plannedSession.takenOutAt}
      from ${plannedSession} join ${circuit}
        on ${circuit.studioId} = ${plannedSession.studioId} and ${circuit.id} = ${plannedSession.circuitId}
      where ${plannedSession.studioId} = ${studioId}
      union all
      select 'run', ${run.id}::text, ${run.circuitTitle}, ${run.startedAt}, ${run.takenOutAt}
      from ${run} where ${run.studioId} = ${studioId}
    ) as entries
    where taken_out_at > now() - ${KEPT} ${sql.join(named, sql` `)}
    order by taken_out_at desc, id limit ${MOST_SHOWN}`);
  return rows.map(({ taken_out_at: takenOutAt, ...entry }) => ({ ...entry, takenOutAt }));
}

/** Deletes for good what every studio took out longer ago than the bin keeps it; a circuit only where no session and no run needs it. */
export async function emptyBins(database: Database): Promise<void> {
  const over = (column: SQL) => sql`${column} < now() - ${KEPT}`;
  await database.transaction(async (transaction) => {
    await transaction.execute(sql`delete from ${run} where ${over(sql`taken_out_at`)}`);
    await transaction.execute(sql`
      delete from ${plannedSession} where ${over(sql`taken_out_at`)} and not exists (
        select from ${run} where ${run.studioId} = ${plannedSession.studioId} and ${run.sessionId} = ${plannedSession.id})`);
    await transaction.execute(sql`
      delete from ${circuit} where ${over(sql`taken_out_at`)}
        and not exists (select from ${run} where ${run.studioId} = ${circuit.studioId} and ${run.circuitId} = ${circuit.id})
        and not exists (select from ${plannedSession}
          where ${plannedSession.studioId} = ${circuit.studioId} and ${plannedSession.circuitId} = ${circuit.id})`);
    // Holds that nobody lifted were left behind as they were taken out.
    await transaction.execute(sql`delete from ${person} where ${over(sql`taken_out_at`)}`);
    await transaction.execute(sql`delete from ${studioDrill} where ${over(sql`taken_out_at`)}`);
  });
}
