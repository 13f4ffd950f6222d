import type { Account } from '@prompt-spark/contract/account';
import type { PersonDocument } from '@prompt-spark/contract/person';
import { and, eq, lt, sql, type SQL, type SQLWrapper } from 'drizzle-orm';
import { createHash, randomUUID } from 'node:crypto';
import { ownerOf } from '../health/owner.ts';
import type { KeyRing } from '../health/keyRing.ts';
import { seal, unseal } from '../health/seal.ts';
import {
  circuit,
  coach,
  group,
  groupCoach,
  person,
  personCoach,
  personGroup,
  plannedSession,
  run,
  runTurn,
  site,
  standard,
  studio,
  studioDrill,
} from '../schema/tables.ts';
import { demoAccount } from './accounts.ts';
import type { Database } from './database.ts';
import { refreshCircuits, refreshSessions } from './summaries.ts';

/** A visitor's copy of the demo goes after this long. */
const LIFETIME = sql`interval '24 hours'`;
/** Copies there may be at one time: what they take is bounded, however many come. */
export const MOST_COPIES = 500;

/** Why there is no copy. */
export type NoCopy = 'no demo' | 'too many visitors';

/**
 * A copy of the demo for one visitor, so that nothing they enter is shown to another: every row once more under new ids,
 * made from the old ones so that rows go on pointing at each other. Copies whose time is over go first.
 */
export function copyDemo(database: Database, ring: KeyRing, now: Date): Promise<Account | NoCopy> {
  return database.transaction(async (transaction) => {
    await transaction.delete(studio).where(lt(studio.expiresAt, sql`now()`));
    const demo = await demoAccount(transaction);
    if (!demo) return 'no demo';
    const copies = await transaction
      .select({ id: studio.studioId })
      .from(studio)
      .where(sql`expires_at is not null`);
    if (copies.length >= MOST_COPIES) return 'too many visitors';
    await refreshCircuits(transaction, demo.studioId);
    const sessions = await transaction
      .select({ id: plannedSession.id })
      .from(plannedSession)
      .where(and(eq(plannedSession.studioId, demo.studioId), eq(plannedSession.summaryOf, '')));
    if (sessions.length > 0) {
      await refreshSessions(
        transaction,
        demo.studioId,
        sessions.map(({ id }) => id),
      );
    }
    const studioId = randomUUID();
    const copy = new StudioCopy(transaction, demo.studioId, studioId);
    const weeks = await weeksSince(transaction, demo.studioId, now);
    await copy.copyRows(weeks);
    await copy.copyPeople(ring, now.toISOString().slice(0, 10), weeks);
    return { ...demo, studioId, coachId: await copy.newId(demo.coachId) };
  });
}

/** Whole weeks since the demo was loaded: its sessions are laid around that day, and a copy's around today. */
async function weeksSince(database: Database, studioId: string, now: Date): Promise<number> {
  const [row] = await database.select({ at: studio.createdAt }).from(studio).where(eq(studio.studioId, studioId));
  const days = row ? (now.getTime() - row.at.getTime()) / 86_400_000 : 0;
  return Math.max(0, Math.floor(days / 7));
}

class StudioCopy {
  constructor(
    private readonly database: Database,
    private readonly from: string,
    private readonly to: string,
  ) {}

  /** The id in the copy that stands for an id, as SQL; null stays null. */
  private id(of: SQLWrapper): SQL {
    return sql`md5(${this.to} || (${of})::text)::uuid`;
  }

  /** The same for an id inside a sealed document, which the database cannot read. */
  private idOf(id: string): string {
    const hex = createHash('md5').update(`${this.to}${id}`).digest('hex');
    return hex.replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');
  }

  async newId(id: string): Promise<string> {
    const [row] = await this.database
      .select({ id: sql<string>`${this.id(sql`${id}::uuid`)}` })
      .from(studio)
      .limit(1);
    if (!row) throw new Error('There is no studio to copy.');
    return row.id;
  }

  async copyRows(weeks: number): Promise<void> {
    const { from, to } = this;
    const later = sql`${weeks}::int * interval '7 days'`;
    const own = sql`${to}::uuid`;
    const of = sql`where studio_id = ${from}::uuid`;
    const id = (name: string) => this.id(sql.raw(`"${name}"`));
    const statements = [
      sql`insert into ${studio} (studio_id, name, default_approach, times, is_demo, expires_at)
        select ${own}, name, default_approach, times, true, now() + ${LIFETIME} from ${studio} ${of}`,
      // Nobody signs in to a copy by e-mail: nobody knows the demo's passwords.
      sql`insert into ${coach} (id, studio_id, name, email, password_hash)
        select ${id('id')}, ${own}, name, ${id('id')} || '@demo.invalid', password_hash from ${coach} ${of}`,
      sql`insert into ${site} (id, studio_id, name, time_zone, lanes, lane_metres, lap_metres, mats, loop_bands, walls, kit, counts, plates, version, schema_version)
        select ${id('id')}, ${own}, name, time_zone, lanes, lane_metres, lap_metres, mats, loop_bands, walls, kit, counts, plates, version, schema_version from ${site} ${of}`,
      sql`insert into ${group} (id, studio_id, name, people) select ${id('id')}, ${own}, name, people from ${group} ${of}`,
      sql`insert into ${groupCoach} (studio_id, group_id, coach_id)
        select ${own}, ${id('group_id')}, ${id('coach_id')} from ${groupCoach} ${of}`,
      sql`insert into ${studioDrill} (studio_id, id, version, document, schema_version, saved_at, taken_out_at)
        select ${own}, id, version, document, schema_version, saved_at, taken_out_at from ${studioDrill} ${of}`,
      sql`insert into ${standard} (studio_id, kind, id, version, document, schema_version, taken_out_at)
        select ${own}, kind, id, version, document, schema_version, taken_out_at from ${standard} ${of}`,
      sql`insert into ${circuit} (id, studio_id, version, save_id, group_id, site_id, document, schema_version, saved_at, taken_out_at, summary, summary_of, search_text, tags, drill_ids)
        select ${id('id')}, ${own}, version, ${id('save_id')}, ${id('group_id')}, ${id('site_id')}, document, schema_version, saved_at, taken_out_at, summary, summary_of, search_text, tags, drill_ids from ${circuit} ${of}`,
      sql`insert into ${plannedSession} (id, studio_id, circuit_id, group_id, site_id, coach_id, series_id, starts_at, minutes, fit, picks, schema_version, summary, summary_of, taken_out_at)
        select ${id('id')}, ${own}, ${id('circuit_id')}, ${id('group_id')}, ${id('site_id')}, ${id('coach_id')}, ${id('series_id')}, starts_at + ${later}, minutes, fit, picks, schema_version, summary, summary_of, taken_out_at from ${plannedSession} ${of}`,
      sql`insert into ${run} (id, studio_id, session_id, circuit_id, circuit_title, group_id, site_id, coach_id, started_at, finished_at, ended_early, effort, warm, note, marks, pace, planned, actual, paused)
        select ${id('id')}, ${own}, ${id('session_id')}, ${id('circuit_id')}, circuit_title, ${id('group_id')}, ${id('site_id')}, ${id('coach_id')}, started_at + ${later}, finished_at + ${later}, ended_early, effort, warm, note, marks, pace, planned, actual, paused from ${run} ${of}`,
      sql`insert into ${runTurn} (studio_id, run_id, position, slot_id, drill_id, drill_name, phase, round, planned, actual, paused)
        select ${own}, ${id('run_id')}, position, slot_id, drill_id, drill_name, phase, round, planned, actual, paused from ${runTurn} ${of}`,
    ];
    for (const statement of statements) await this.database.execute(statement);
  }

  /**
   * People are sealed for their row, so each is opened and sealed for the copy's. Who was new on the day is new today, and
   * what was seen and measured of them is as long ago as it was.
   */
  async copyPeople(ring: KeyRing, today: string, weeks: number): Promise<void> {
    const { database, from, to } = this;
    const rows = await database
      .select({ id: person.id, sealed: person.sealed, copyId: sql<string>`${this.id(person.id)}` })
      .from(person)
      .where(eq(person.studioId, from));
    for (const { id, sealed, copyId } of rows) {
      // The template's own documents, sealed by the loader.
      const document = unseal(ring, ownerOf(from, id), sealed) as PersonDocument;
      const readiness = document.readiness && { ...document.readiness, day: today };
      const seen = document.seen.map((one) => ({ ...one, runId: this.idOf(one.runId), day: laterBy(weeks, one.day) }));
      const measured = document.measured.map((one) => ({
        ...one,
        id: this.idOf(one.id),
        day: laterBy(weeks, one.day),
      }));
      const fresh = seal(ring, ownerOf(to, copyId), { ...document, readiness, seen, measured });
      await database.execute(sql`
        insert into ${person} (id, studio_id, version, sealed, schema_version)
        select ${copyId}::uuid, ${to}::uuid, version, ${fresh}, schema_version from ${person} where id = ${id}::uuid`);
    }
    for (const [table, other] of [
      [personCoach, 'coach_id'],
      [personGroup, 'group_id'],
    ] as const) {
      await database.execute(sql`
        insert into ${table} (studio_id, person_id, ${sql.raw(other)})
        select ${to}::uuid, ${this.id(sql.raw('person_id'))}, ${this.id(sql.raw(other))} from ${table}
        where studio_id = ${from}::uuid`);
    }
  }
}

/** A day some weeks later, YYYY-MM-DD. */
const laterBy = (weeks: number, day: string): string =>
  new Date(Date.parse(day) + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
