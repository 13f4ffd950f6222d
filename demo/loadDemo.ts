import { TZDate } from '@date-fns/tz';
import { catalogue } from '@prompt-spark/catalogue';
import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { coach, circuit, group, plannedSession, run, runTurn, site, studio } from '@prompt-spark/server/schema/tables';
import { hashPassword } from '@prompt-spark/server/store/accounts';
import type { Database } from '@prompt-spark/server/store/database';
import { sumsOf } from '@prompt-spark/server/store/runs';
import type { KeyRing } from '@prompt-spark/server/health/keyRing';
import { addDays, format } from 'date-fns';
import { randomUUID } from 'node:crypto';
import { loadPeople } from './loadPeople.ts';
import { pastTurns } from './pastRun.ts';
import * as saltmere from './saltmere.ts';

/** Sessions are laid from a week before the day of loading to eight weeks after it. */
const DAYS_BEFORE = 7;
const DAYS_AFTER = 56;

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

  constructor(
    private readonly database: Database,
    private readonly now: Date,
    private readonly healthKey: KeyRing,
  ) {}

  async load(): Promise<void> {
    await this.loadStudio();
    await loadPeople(
      this.database,
      this.healthKey,
      {
        studioId: this.studioId,
        coachOf: (name) => known(this.coachIds, name),
        groupOf: (name) => known(this.groupIds, name),
      },
      format(new TZDate(this.now.getTime(), this.timeZone), 'yyyy-MM-dd'),
    );
    await this.loadCircuits();
    let past = 0;
    for (let day = -DAYS_BEFORE; day <= DAYS_AFTER; day += 1) {
      for (const entry of saltmere.timetable) {
        const startsAt = this.instantOf(day, entry.at);
        if (!entry.days.includes(startsAt.getDay())) continue;
        const sessionId = await this.addSession(entry, startsAt);
        if (day < 0) await this.addRun(entry, startsAt, sessionId, past++);
      }
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
      });
    }
  }

  private async addSession(entry: saltmere.TimetableEntry, startsAt: Date): Promise<string> {
    const id = randomUUID();
    const demo: saltmere.DemoCircuit = saltmere.circuits[entry.circuit];
    await this.database.insert(plannedSession).values({
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

  private async addRun(entry: saltmere.TimetableEntry, startsAt: Date, sessionId: string, past: number): Promise<void> {
    const document = known(this.circuits, entry.circuit);
    const demo: saltmere.DemoCircuit = saltmere.circuits[entry.circuit];
    const turns = pastTurns(document, library, past);
    const seconds = turns.reduce((sum, turn) => sum + turn.actual, 0);
    const id = randomUUID();
    const { studioId } = this;
    await this.database.insert(run).values({
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
      ...(saltmere.notes[past % saltmere.notes.length] ?? saltmere.notes[0]),
    });
    await this.database
      .insert(runTurn)
      .values(turns.map((turn, position) => ({ ...turn, studioId, runId: id, position })));
  }

  /** The instant of a wall-clock time at the sites, some days from now. */
  private instantOf(day: number, at: string): TZDate {
    const [hours = 0, minutes = 0] = at.split(':').map(Number);
    const date = addDays(new TZDate(this.now.getTime(), this.timeZone), day);
    date.setHours(hours, minutes, 0, 0);
    return date;
  }
}

function idsFor(named: readonly { readonly name: string }[]): ReadonlyMap<string, string> {
  return new Map(named.map(({ name }) => [name, randomUUID()]));
}

function known<Value>(map: ReadonlyMap<string, Value>, key: string): Value {
  const value = map.get(key);
  if (value === undefined) throw new Error(`The demo has no "${key}".`);
  return value;
}
