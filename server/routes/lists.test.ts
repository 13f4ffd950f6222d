import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { CircuitPage } from '@prompt-spark/contract/circuit';
import type { OwnDrills } from '@prompt-spark/contract/drill';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import type { RunPage } from '@prompt-spark/contract/run';
import type { SessionList } from '@prompt-spark/contract/session';
import type { Standards } from '@prompt-spark/contract/standard';
import { catalogue } from '@prompt-spark/catalogue';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { testPerson } from '@prompt-spark/core/testing/people';
import { sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  newCircuit,
  newRun,
  newSession,
  signedInCoach,
  testServer,
  type TestServer,
  type Visitor,
} from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const begun = async (name: string) => (await signedInCoach(server, `${name}@saltmere.example`)).coach;
const run = (statement: ReturnType<typeof sql>) => server.connection.database.execute(statement);
const circuits = async (coach: Visitor, query: object = {}) =>
  (await coach.ask(ADDRESSES.circuits).query(query).expect(200)).body as CircuitPage;
const titles = (page: CircuitPage) => page.circuits.map(({ title }) => title);

describe('a list of circuits', () => {
  it('comes in pages of fifty, each circuit once, last saved first', async () => {
    const coach = await begun('pages');
    for (let index = 0; index < 103; index += 1) {
      await coach.ask(ADDRESSES.addCircuit).send(newCircuit(`# Number ${String(index)}\nraise\n  step jack 20s alt`));
    }
    const seen: string[] = [];
    let sizes: number[] = [];
    let after: string | null | undefined;
    do {
      const page: CircuitPage = await circuits(coach, after ? { after } : {});
      seen.push(...titles(page));
      sizes = [...sizes, page.circuits.length];
      after = page.next;
    } while (after !== null);
    expect(sizes).toEqual([50, 50, 3]);
    expect(seen).toEqual(Array.from({ length: 103 }, (_, index) => `Number ${String(102 - index)}`));
  });

  it('says of each what its card shows: seconds, fuse and drills as the circuit has them at its site', async () => {
    const coach = await begun('summary');
    const { sites } = (await coach.ask(ADDRESSES.places)).body as { sites: { id: string; version: number }[] };
    const [{ id: siteId, version, ...site } = { id: '', version: 0 }] = sites;
    const circuit = newCircuit('# Lanes\npeople: 12\ntags: quay\nraise\n  easy jog 4 lengths @2m/s', { siteId });
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    await coach
      .ask(ADDRESSES.saveSite, siteId)
      .send({ version, site: { ...site, lanes: 2, laneMetres: 20 } })
      .expect(200);
    const before = await circuits(coach);
    expect(before.tags).toEqual(['quay']);
    // Ready 3 s; 4 lengths of 10 s, three turns of 2 s, and six waves 5 s apart: 71 s.
    expect(before.circuits).toMatchObject([{ title: 'Lanes', drills: 1, seconds: 74, siteId }]);
    expect(before.circuits[0]?.fuse).toEqual([
      {
        phase: 'raise',
        rounds: [
          [
            [3, -1],
            [71, expect.any(Number)],
          ],
        ],
      },
    ]);
    // Another floor, and the same circuit takes another time.
    await coach
      .ask(ADDRESSES.saveSite, siteId)
      .send({ version: version + 1, site: { ...site, lanes: 12, laneMetres: 20 } })
      .expect(200);
    expect((await circuits(coach)).circuits[0]?.seconds).toBe(49);
    // And a circuit that was changed shows its change.
    const { id, ...draft } = circuit;
    const save = { ...draft, circuit: { ...draft.circuit, title: 'No lanes' }, version: 1, saveId: randomUUID() };
    await coach.ask(ADDRESSES.saveCircuit, id).send(save).expect(200);
    expect(titles(await circuits(coach))).toEqual(['No lanes']);
  });

  it('is searched by title, purpose, tag, group and drill, with slips of the finger, and by one drill alone', async () => {
    const coach = await begun('search');
    const groupId = randomUUID();
    await coach.ask(ADDRESSES.addGroup).send({ id: groupId, name: 'Lifeboat Crew' }).expect(201);
    const boards = [
      newCircuit('# Harbour start\nfor: squat day\nraise\n  step jack 20s alt'),
      newCircuit('# Slipway\ntags: outdoors\nmobilise\n  cat-cow 8', { groupId }),
      newCircuit('# Breakwater 100%\nactivate\n  glute bridge 10'),
    ];
    for (const board of boards) await coach.ask(ADDRESSES.addCircuit).send(board).expect(201);
    for (const [find, found] of [
      ['harbour', ['Harbour start']],
      ['habour', ['Harbour start']],
      ['squat', ['Harbour start']],
      ['outdoors', ['Slipway']],
      ['lifeboat', ['Slipway']],
      ['cat-cow', ['Slipway']],
      ['lifeboat cow', ['Slipway']],
      ['lifeboat bridge', []],
      ['bridge', ['Breakwater 100%']],
      ['0%', ['Breakwater 100%']],
      ['_', []],
      ["'; drop table circuit; --", []],
      ['zzzzzz', []],
    ] as const) {
      expect(titles(await circuits(coach, { find })), find).toEqual(found);
    }
    expect(titles(await circuits(coach, { tag: 'outdoors' }))).toEqual(['Slipway']);
    expect(titles(await circuits(coach, { drill: 'cat-cow' }))).toEqual(['Slipway']);
    await coach.ask(ADDRESSES.circuits).query({ after: 'no cursor of ours' }).expect(422);
    for (const at of ['2026-13-45 99:99:99.000000', '2026-02-30 10:00:00.000000', "' or 1=1"]) {
      const after = Buffer.from(JSON.stringify({ at, id: randomUUID() })).toString('base64url');
      expect(titles(await circuits(coach, { after }))).toHaveLength(3);
    }
  });
});

describe('a row that cannot be opened', () => {
  it('is told of and logged by itself, and takes no list with it', async () => {
    const coach = await begun('damaged');
    const [good, bad, old] = [
      newCircuit('# Good'),
      newCircuit('# Bad'),
      newCircuit('# Old\nraise\n  step jack 20s alt'),
    ];
    for (const circuit of [good, bad, old]) await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const session = newSession(bad.id);
    for (const one of [session, newSession(good.id)]) await coach.ask(ADDRESSES.addSession).send(one).expect(201);
    const [lunge] = catalogue;
    if (!lunge) throw new Error('The catalogue is empty.');
    for (const name of ['Own one', 'Own two']) {
      await coach
        .ask(ADDRESSES.addDrill)
        .send({ ...lunge, id: name.replace(' ', '-'), name, aliases: [] })
        .expect(201);
    }
    const { id: _, ...document } = testPerson({ name: 'Ebba Quay' });
    const [kept, torn] = [randomUUID(), randomUUID()];
    for (const id of [kept, torn]) {
      await coach.ask(ADDRESSES.savePerson, id).send({ version: null, groupIds: [], document }).expect(200);
    }
    const approaches = ['Our order', 'Their order'].map((name) => ({ ...APPROACHES[0], id: randomUUID(), name }));
    for (const one of approaches) {
      await coach.ask(ADDRESSES.saveApproach, one.id).send({ version: null, document: one }).expect(200);
    }
    // One of each is damaged as only a hand or a disk could; one circuit is as circuits were before they had tags.
    await run(
      sql`update circuit set document = '{"title": 4}', schema_version = 0, summary_of = '' where id = ${bad.id}`,
    );
    await run(
      sql`update circuit set document = document - 'tags' - 'versions', schema_version = 0, summary_of = '' where id = ${old.id}`,
    );
    await run(sql`update studio_drill set document = '[]', schema_version = 0 where id = 'Own-two'`);
    await run(sql`update person set sealed = 'AAAA' where id = ${torn}`);
    await run(sql`update standard set document = '{}', schema_version = 0 where id = ${approaches[1]?.id}`);

    const page = await circuits(coach);
    expect(titles(page).toSorted()).toEqual(['Good', 'Old']);
    expect(page.unreadable).toEqual([{ id: bad.id }]);
    expect(titles(await circuits(coach, { find: 'good' }))).toEqual(['Good']);
    expect((await coach.ask(ADDRESSES.circuit, old.id).expect(200)).body).toMatchObject({
      circuit: { tags: [], versions: [] },
    });
    const span = { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z' };
    const book = (await coach.ask(ADDRESSES.sessions).query(span).expect(200)).body as SessionList;
    expect(book.sessions.map(({ title }) => title)).toEqual(['Good']);
    expect(book.unreadable).toEqual([{ id: session.id }]);
    const own = (await coach.ask(ADDRESSES.drills).expect(200)).body as OwnDrills;
    expect([own.drills.map(({ drill }) => drill.name), own.unreadable]).toEqual([['Own one'], [{ id: 'Own-two' }]]);
    const people = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    expect([people.people.map(({ id }) => id), people.unreadable]).toEqual([[kept], [{ id: torn }]]);
    const standards = (await coach.ask(ADDRESSES.standards).expect(200)).body as Standards;
    expect([standards.approaches.length, standards.unreadable]).toEqual([
      1,
      { approaches: [{ id: approaches[1]?.id }], sessions: [], measures: [] },
    ]);

    for (const id of [bad.id, torn]) expect(server.logged()).toContain(id);
    expect(server.logged()).not.toContain('Ebba Quay');
    // Each can be taken out, and is gone.
    await coach.ask(ADDRESSES.takeOutCircuit, bad.id).expect(204);
    await coach.ask(ADDRESSES.deletePerson, torn).expect(204);
    expect((await circuits(coach)).unreadable).toEqual([]);
  });
});

describe('the log', () => {
  it('reaches back for ever, a page at a time, and is narrowed by date, group, coach and circuit', async () => {
    const { coach, account } = await signedInCoach(server, 'log@saltmere.example');
    const groupId = randomUUID();
    await coach.ask(ADDRESSES.addGroup).send({ id: groupId, name: 'Dawn Mixed' }).expect(201);
    const [plain, grouped] = [newCircuit(), newCircuit(undefined, { groupId })];
    for (const circuit of [plain, grouped]) await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const dayOf = (index: number) => new Date(Date.UTC(2025, 0, 1 + index, 18)).toISOString();
    for (let index = 0; index < 120; index += 1) {
      const of = index % 4 === 0 ? grouped : plain;
      await coach
        .ask(ADDRESSES.addRun)
        .send(newRun(of, { startedAt: dayOf(index), finishedAt: dayOf(index) }))
        .expect(201);
    }
    const all = async (query: object) => {
      const starts: string[] = [];
      let after: string | null = null;
      do {
        const page: RunPage = (
          await coach
            .ask(ADDRESSES.runs)
            .query(after ? { ...query, after } : query)
            .expect(200)
        ).body;
        starts.push(...page.runs.map(({ startedAt }) => startedAt));
        after = page.next;
      } while (after !== null);
      return starts;
    };
    const every = Array.from({ length: 120 }, (_, index) => dayOf(119 - index));
    expect(await all({})).toEqual(every);
    expect(await all({ circuit: grouped.id })).toEqual(every.filter((_, index) => (119 - index) % 4 === 0));
    expect(await all({ group: groupId })).toHaveLength(30);
    expect(await all({ coach: account.coachId })).toHaveLength(120);
    expect(await all({ coach: randomUUID() })).toEqual([]);
    expect(await all({ from: dayOf(10), to: dayOf(12) })).toEqual([dayOf(11), dayOf(10)]);
  });
});
