import { TZDate } from '@date-fns/tz';
import { catalogue } from '@prompt-spark/catalogue';
import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { allSlots, type Circuit } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { coach, circuit, group, plannedSession, run, runTurn, site, studio } from '@prompt-spark/server/schema/tables';
import { hashPassword } from '@prompt-spark/server/store/accounts';
import type { Database } from '@prompt-spark/server/store/database';
import { sumsOf } from '@prompt-spark/server/store/runs';
import type { KeyRing } from '@prompt-spark/server/health/keyRing';
import { addDays, format } from 'date-fns';
import { randomUUID } from 'node:crypto';
import { loadPeople } from './loadPeople.ts';
import type { PastSession } from './pastSeen.ts';
import { pastEffort, pastRun } from './pastRun.ts';
import * as saltmere from './saltmere.ts';

/** Sessions are laid from four months before the day of loading to eight weeks after it. */
const DAYS_BEFORE = 119;
const DAYS_AFTER = 56;
/** Rows that go into the database at once. */
const AT_ONCE = 400;

const library = libraryOf(catalogue);

/**
 * Loads the Saltmere scenario into a database that has no studio yet, dated around `now`.
 *
 * @returns whether it was loaded
 * @throws Error when a demo circuit has a line that cannot be read
 */
export function loadDemo(database: Database, now: Date, healthKey: KeyRing): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const present = await transaction.select({ studioId: studio.studioId }).from(studio).limit(1);
    if (present.length > 0) return false;
    await new DemoLoader(transaction, now, healthKey).load();
    return true;
  });
}

class DemoLoader {
  private readonly studioId = randomUUID();
  private readonly timeZone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
  private readonly coachIds = idsFor(saltmere.coaches);
  private readonly siteIds = idsFor(saltmere.sites);
  private readonly groupIds = idsFor(saltmere.groups);
  private readonly circuitIds = new Map<string, string>();
  private readonly circuits = new Map<string, Circuit>();
  private readonly sessions: (typeof plannedSession.$inferInsert)[] = [];
  private readonly runs: (typeof run.$inferInsert)[] = [];
  private readonly turns: (typeof runTurn.$inferInsert)[] = [];

  constructor(
    private readonly database: Database,
    private readonly now: Date,
    private readonly healthKey: KeyRing,
  ) {}

  async load(): Promise<void> {
    await this.loadStudio();
    await this.loadCircuits();
    let past = 0;
    for (let day = -DAYS_BEFORE; day <= DAYS_AFTER; day += 1) {
      for (const entry of saltmere.timetable) {
        const startsAt = this.instantOf(day, entry.at);
        if (!entry.days.includes(startsAt.getDay())) continue;
        const sessionId = this.addSession(entry, startsAt);
        if (day < 0) this.addRun(entry, startsAt, sessionId, past++);
      }
    }
    this.markTheLast();
    await this.insertAll();
    await this.loadPeople();
  }

  private loadPeople(): Promise<void> {
    const ids = {
      studioId: this.studioId,
      coachOf: (name: string) => known(this.coachIds, name),
      groupOf: (name: string) => known(this.groupIds, name),
    };
    const past = {
      today: this.dayOf(0),
      dayOf: this.dayOf,
      sessionsOf: (name: string) => this.sessionsOf(known(this.groupIds, name)),
    };
    return loadPeople(this.database, this.healthKey, ids, past);
  }

  /** The past sessions of a group. */
  private sessionsOf(groupId: string): readonly PastSession[] {
    return this.runs
      .filter((one) => one.groupId === groupId)
      .map(({ id, circuitTitle, startedAt }) => {
        const daysAgo = Math.ceil((this.now.getTime() - startedAt.getTime()) / 86_400_000);
        return { runId: id, title: circuitTitle, daysAgo, day: this.dayAt(startedAt) };
      });
  }

  private readonly dayOf = (daysAgo: number): string => this.dayAt(addDays(this.now, -daysAgo));

  private readonly dayAt = (at: Date): string => format(new TZDate(at.getTime(), this.timeZone), 'yyyy-MM-dd');

  private async insertAll(): Promise<void> {
    for (const rows of inPortions(this.sessions)) await this.database.insert(plannedSession).values(rows);
    for (const rows of inPortions(this.runs)) await this.database.insert(run).values(rows);
    for (const rows of inPortions(this.turns)) await this.database.insert(runTurn).values(rows);
  }

  /** The last time that some circuits were run, a drill was tapped as too hard. */
  private markTheLast(): void {
    for (const [key, drillId] of Object.entries(saltmere.tooHard)) {
      const circuitId = known(this.circuitIds, key);
      const at = this.runs.findLastIndex((one) => one.circuitId === circuitId);
      const slot = allSlots(known(this.circuits, key)).find((one) => one.drillId === drillId);
      const last = this.runs[at];
      if (!last || !slot) throw new Error(`The demo runs no ${drillId} in "${key}".`);
      this.runs[at] = { ...last, marks: [{ at: 240, slotId: slot.id, drillId, kind: 'too hard' }] };
    }
  }

  private async loadStudio(): Promise<void> {
    const { database, studioId, timeZone } = this;
    await database.insert(studio).values({ studioId, name: saltmere.studio.name, isDemo: true });
    for (const { name, email } of saltmere.coaches) {
      // The demo is entered by its button; nobody knows these passwords.
      const passwordHash = await hashPassword(randomUUID());
      await database.insert(coach).values({ id: known(this.coachIds, name), studioId, name, email, passwordHash });
    }
    await database.insert(site).values(
      saltmere.sites.map((place) => {
        const id = known(this.siteIds, place.name);
        return { ...place, id, studioId, timeZone, schemaVersion: SCHEMA_VERSIONS.site };
      }),
    );
    await database
      .insert(group)
      .values(saltmere.groups.map((people) => ({ ...people, id: known(this.groupIds, people.name), studioId })));
  }

  private async loadCircuits(): Promise<void> {
    for (const [key, demo] of Object.entries<saltmere.DemoCircuit>(saltmere.circuits)) {
      const { circuit: document, problems } = readWhiteboard(demo.text, library);
      const [problem] = problems;
      if (problem) throw new Error(`Demo circuit "${key}", line ${problem.line}: expected ${problem.expected}.`);
      const id = randomUUID();
      this.circuitIds.set(key, id);
      this.circuits.set(key, document);
      await this.database.insert(circuit).values({
        id,
        studioId: this.studioId,
        version: 1,
        saveId: randomUUID(),
        groupId: demo.group === null ? null : known(this.groupIds, demo.group),
        siteId: known(this.siteIds, demo.site),
        document,
        schemaVersion: SCHEMA_VERSIONS.circuit,
        // What was run since tells of the circuit as it is.
        savedAt: addDays(this.now, -DAYS_BEFORE - 1),
      });
    }
  }

  private addSession(entry: saltmere.TimetableEntry, startsAt: Date): string {
    const id = randomUUID();
    const demo: saltmere.DemoCircuit = saltmere.circuits[entry.circuit];
    this.sessions.push({
      id,
      studioId: this.studioId,
      circuitId: known(this.circuitIds, entry.circuit),
      groupId: demo.group === null ? null : known(this.groupIds, demo.group),
      siteId: known(this.siteIds, demo.site),
      coachId: known(this.coachIds, entry.coach),
      startsAt,
      minutes: entry.minutes,
    });
    return id;
  }

  private addRun(entry: saltmere.TimetableEntry, startsAt: Date, sessionId: string, past: number): void {
    const document = known(this.circuits, entry.circuit);
    const demo: saltmere.DemoCircuit = saltmere.circuits[entry.circuit];
    const { turns, pace } = pastRun(document, library, saltmere.habits[entry.coach], past);
    const seconds = turns.reduce((sum, turn) => sum + turn.actual, 0);
    const id = randomUUID();
    const { studioId } = this;
    const daysAgo = (this.now.getTime() - startsAt.getTime()) / 86_400_000;
    this.runs.push({
      id,
      studioId,
      sessionId,
      circuitId: known(this.circuitIds, entry.circuit),
      circuitTitle: document.title,
      groupId: demo.group === null ? null : known(this.groupIds, demo.group),
      siteId: known(this.siteIds, demo.site),
      coachId: known(this.coachIds, entry.coach),
      startedAt: startsAt,
      finishedAt: new Date(startsAt.getTime() + seconds * 1000),
      endedEarly: false,
      ...sumsOf(turns),
      pace,
      effort: pastEffort(saltmere.efforts[entry.circuit], 1 - daysAgo / DAYS_BEFORE, past),
      ...(saltmere.notes[past % saltmere.notes.length] ?? saltmere.notes[0]),
    });
    this.turns.push(...turns.map((turn, position) => ({ ...turn, studioId, runId: id, position })));
  }

  /** The instant of a wall-clock time at the sites, some days from now. */
  private instantOf(day: number, at: string): TZDate {
    const [hours = 0, minutes = 0] = at.split(':').map(Number);
    const date = addDays(new TZDate(this.now.getTime(), this.timeZone), day);
    date.setHours(hours, minutes, 0, 0);
    return date;
  }
}

/** Rows in portions that a statement has room for. */
function inPortions<Row>(rows: readonly Row[]): readonly Row[][] {
  const portions = Math.ceil(rows.length / AT_ONCE);
  return Array.from({ length: portions }, (_, at) => rows.slice(at * AT_ONCE, (at + 1) * AT_ONCE));
}

function idsFor(named: readonly { readonly name: string }[]): ReadonlyMap<string, string> {
  return new Map(named.map(({ name }) => [name, randomUUID()]));
}

function known<Value>(map: ReadonlyMap<string, Value>, key: string): Value {
  const value = map.get(key);
  if (value === undefined) throw new Error(`The demo has no "${key}".`);
  return value;
}
