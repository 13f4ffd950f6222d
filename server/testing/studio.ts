import type { Account } from '@prompt-spark/contract/account';
import type { NewCircuit } from '@prompt-spark/contract/circuit';
import type { NewRun } from '@prompt-spark/contract/run';
import type { NewSession, SessionMove } from '@prompt-spark/contract/session';
import { ADDRESSES, pathTo, type Address } from '@prompt-spark/contract/addresses';
import { catalogue } from '@prompt-spark/catalogue';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { NO_PACE } from '@prompt-spark/core/session/gaps';
import { blankRecord } from '@prompt-spark/core/session/runRecord';
import { randomUUID } from 'node:crypto';
import { Writable } from 'node:stream';
import { pathToFileURL } from 'node:url';
import pino from 'pino';
import request, { type Agent, type Test } from 'supertest';
import { inject } from 'vitest';
import { createApp, type AppParts } from '../app.ts';
import { ringOf } from '../health/keyRing.ts';
import { openImportShop } from '../imports/importShop.ts';
import { openStudio } from '../store/accounts.ts';
import { migrateDatabase, openDatabase, type Connection } from '../store/database.ts';
import { newDatabase } from './postgres.ts';

export const TEST_HEALTH_KEYS = ringOf([Buffer.alloc(32, 7)]);

/** The whole server on a database of its own, with what it logged. */
export interface TestServer {
  readonly connection: Connection;
  readonly url: string;
  readonly app: ReturnType<typeof createApp>;
  readonly logged: () => string;
  close(): Promise<void>;
}

/** Starts a server on a fresh, migrated database. */
export async function testServer(
  serverUrl = inject('serverPostgres'),
  parts: Partial<AppParts> = {},
): Promise<TestServer> {
  const url = await newDatabase(serverUrl);
  await migrateDatabase(url);
  const connection = openDatabase(url);
  const lines: string[] = [];
  const stream = new Writable({
    write(chunk: Buffer, _encoding, done) {
      lines.push(chunk.toString());
      done();
    },
  });
  const importShop = openImportShop(pathToFileURL(inject('importWorker')));
  const app = createApp({
    connection,
    sessionSecret: 'a secret that only tests know, long enough',
    healthKeys: TEST_HEALTH_KEYS,
    importShop,
    log: pino(stream),
    checkAnswers: true,
    ...parts,
  });
  return {
    connection,
    url,
    app,
    logged: () => lines.join(''),
    close: () => importShop.close().then(() => connection.close()),
  };
}

/** Somebody at a browser: cookies are kept, and requests say they come from the page itself. */
export class Visitor {
  private readonly agent: Agent;

  constructor(server: Pick<TestServer, 'app'>) {
    this.agent = request.agent(server.app);
  }

  ask(address: Address, id?: string): Test {
    const path = pathTo(address, id);
    const test = {
      GET: () => this.agent.get(path),
      POST: () => this.agent.post(path),
      PUT: () => this.agent.put(path),
      DELETE: () => this.agent.delete(path),
    }[address.method]();
    return test.set('Sec-Fetch-Site', 'same-origin');
  }
}

export const PASSWORD = 'salt wind and rope';

/** A studio with one coach, who is signed in. */
export async function signedInCoach(
  server: TestServer,
  email: string,
): Promise<{ readonly coach: Visitor; readonly account: Account }> {
  const account = await openStudio(server.connection.database, {
    studioName: `Studio of ${email}`,
    coachName: 'Ottoline Crake',
    email,
    password: PASSWORD,
    timeZone: 'Europe/London',
  });
  if (!account) throw new Error('The studio was not opened.');
  const coach = new Visitor(server);
  await coach.ask(ADDRESSES.signIn).send({ email, password: PASSWORD }).expect(200);
  return { coach, account };
}

const library = libraryOf(catalogue);

/** A circuit read from a whiteboard, ready to be sent. */
export function newCircuit(
  text = '# Short one\nraise\n  step jack 20s alt',
  change: Partial<NewCircuit> = {},
): NewCircuit {
  const { circuit } = readWhiteboard(text, library);
  return { id: randomUUID(), circuit, groupId: null, siteId: null, ...change };
}

/** A session of a circuit, this evening. */
export function newSession(circuitId: string, change: Partial<NewSession> = {}): NewSession {
  const startsAt = '2026-11-26T18:30:00.000Z';
  const nobodyElse = { groupId: null, siteId: null, coachId: null };
  return { id: randomUUID(), circuitId, ...nobodyElse, startsAt, minutes: 8, repeats: [], ...change };
}

/** A session moved: for its coach alone, unless more is said. */
export function newMove(change: Partial<SessionMove> & Pick<SessionMove, 'coachId'>): SessionMove {
  const startsAt = '2026-11-27T18:30:00.000Z';
  return { groupId: null, siteId: null, startsAt, minutes: 8, span: 'one', ...change };
}

/** A run of a circuit that took what was planned. */
export function newRun({ id, circuit }: NewCircuit, change: Partial<NewRun> = {}): NewRun {
  const turns = blankRecord(timeCircuit(circuit, occasionOf({ library })).segments).map((turn) => ({
    ...turn,
    actual: turn.planned,
    drillName: library.byId.get(turn.drillId)?.name ?? turn.drillId,
    phase: 'raise' as const,
  }));
  return {
    id: randomUUID(),
    sessionId: null,
    circuitId: id,
    circuitTitle: circuit.title,
    startedAt: '2026-11-26T18:30:10.000Z',
    finishedAt: '2026-11-26T18:31:00.000Z',
    endedEarly: false,
    effort: 4,
    warm: 'yes',
    note: 'Left ankles stiff.',
    marks: [],
    turns,
    pace: NO_PACE,
    ...change,
  };
}
