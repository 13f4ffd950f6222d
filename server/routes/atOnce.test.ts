import { catalogue } from '@prompt-spark/catalogue';
import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { limit, testPerson } from '@prompt-spark/core/testing/people';
import type { CircuitPage } from '@prompt-spark/contract/circuit';
import type { OwnDrills } from '@prompt-spark/contract/drill';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import type { RunPage } from '@prompt-spark/contract/run';
import { randomUUID } from 'node:crypto';
import type { Test } from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  newCircuit,
  newRun,
  newSession,
  PASSWORD,
  signedInCoach,
  testServer,
  Visitor,
  type TestServer,
} from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'hurried@saltmere.example'));
});
afterAll(() => server.close());

const WINDOWS = 8;

/** The same thing asked for from several windows in one moment; how each was answered. */
const atOnce = async (ask: (window: number) => Test): Promise<readonly number[]> =>
  (await Promise.all(Array.from({ length: WINDOWS }, (_, window) => ask(window))))
    .map(({ status }) => status)
    .toSorted((one, other) => one - other);

const one = (status: number, others: number) => [status, ...Array.from({ length: WINDOWS - 1 }, () => others)];
const all = (status: number) => Array.from({ length: WINDOWS }, () => status);

const { id: _, ...nobody } = testPerson();
const ownDrill = (name: string): Drill => {
  const [drill] = catalogue;
  if (!drill) throw new Error('The catalogue is empty.');
  return { ...drill, id: `own-${name.toLowerCase().replaceAll(' ', '-')}`, name, aliases: [] };
};

describe('of several changes at once on one version, exactly one is kept', () => {
  it('of a person, and the others are shown it', async () => {
    const id = randomUUID();
    const document = { ...nobody, name: 'Halvard Quist', limits: [limit('osteoporosis')] };
    const save = (version: number | null, notes: string) =>
      coach.ask(ADDRESSES.savePerson, id).send({ version, groupIds: [], document: { ...document, notes } });
    await save(null, 'first').expect(200);
    expect(await atOnce((window) => save(1, `window ${String(window)}`))).toEqual(one(200, 409));
    expect((await save(1, 'late').expect(409)).body).toMatchObject({ current: { version: 2 } });
  });

  it('of a drill, an approach, a main session and a site', async () => {
    const drill = ownDrill('Quay lunge');
    await coach.ask(ADDRESSES.addDrill).send(drill).expect(201);
    const felt = (window: number) => ({ drill: { ...drill, felt: `window ${String(window)}` }, version: 1 });
    expect(await atOnce((window) => coach.ask(ADDRESSES.saveDrill, drill.id).send(felt(window)))).toEqual(
      one(200, 409),
    );

    const approach = { ...APPROACHES[0], id: randomUUID(), name: 'Quay order' };
    const saveApproach = (version: number | null, says: string) =>
      coach.ask(ADDRESSES.saveApproach, approach.id).send({ version, document: { ...approach, says } });
    await saveApproach(null, 'first').expect(200);
    expect(await atOnce((window) => saveApproach(1, `window ${String(window)}`))).toEqual(one(200, 409));

    const session = { ...MAIN_SESSIONS[0], id: randomUUID(), name: 'Quay rowing', words: ['oars'] };
    const saveSession = (version: number | null, name: string) =>
      coach.ask(ADDRESSES.saveMainSession, session.id).send({ version, document: { ...session, name } });
    await saveSession(null, session.name).expect(200);
    expect(await atOnce((window) => saveSession(1, `Window ${String(window)}`))).toEqual(one(200, 409));

    const places = (await coach.ask(ADDRESSES.places).expect(200)).body as {
      readonly sites: readonly { readonly id: string; readonly version: number }[];
    };
    const { id = '', version = 0, ...site } = places.sites[0] ?? {};
    const saveSite = (lanes: number) => coach.ask(ADDRESSES.saveSite, id).send({ version, site: { ...site, lanes } });
    expect(await atOnce((window) => saveSite(window + 1))).toEqual(one(200, 409));
  });
});

describe('what is sent several times at once is there once', () => {
  it('a circuit, a session in the book, a group and a run', async () => {
    const circuit = newCircuit();
    expect(await atOnce(() => coach.ask(ADDRESSES.addCircuit).send(circuit))).toEqual(all(201));
    const session = newSession(circuit.id);
    expect(await atOnce(() => coach.ask(ADDRESSES.addSession).send(session))).toEqual(all(201));
    const group = { id: randomUUID(), name: 'Dawn Mixed' };
    expect(await atOnce(() => coach.ask(ADDRESSES.addGroup).send(group))).toEqual(all(201));
    const run = newRun(circuit, { sessionId: session.id });
    // The later ones are told that it is kept already.
    expect(await atOnce(() => coach.ask(ADDRESSES.addRun).send(run))).toEqual([...one(201, 200)].toSorted());

    const { circuits } = (await coach.ask(ADDRESSES.circuits).expect(200)).body as CircuitPage;
    expect(circuits.filter(({ id }) => id === circuit.id)).toHaveLength(1);
    const { runs } = (await coach.ask(ADDRESSES.runs).expect(200)).body as RunPage;
    expect(runs.filter(({ id }) => id === run.id)).toHaveLength(1);
    const { groups } = (await coach.ask(ADDRESSES.places).expect(200)).body as { groups: readonly { id: string }[] };
    expect(groups.filter(({ id }) => id === group.id)).toHaveLength(1);
  });

  it('a person who is new', async () => {
    const id = randomUUID();
    const sent = { version: null, groupIds: [], document: { ...nobody, name: 'Ebba Quay' } };
    const answers = await atOnce(() => coach.ask(ADDRESSES.savePerson, id).send(sent));
    expect(answers[0]).toBe(200);
    expect(answers.every((status) => status === 200 || status === 409)).toBe(true);
    const { people } = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    expect(people.filter((person) => person.id === id)).toHaveLength(1);
  });

  it('a drill of a name, and a library taken in', async () => {
    const answers = await atOnce((window) =>
      coach.ask(ADDRESSES.addDrill).send({ ...ownDrill('Tideline reset'), id: `own-tideline-${String(window)}` }),
    );
    expect(answers.filter((status) => status === 201)).toHaveLength(1);
    expect(answers.every((status) => [201, 409, 422].includes(status))).toBe(true);

    const csv = writeDrillCsv([ownDrill('Mooring reset'), ownDrill('Mooring hinge')]);
    const imported = await atOnce(() => coach.ask(ADDRESSES.importDrills).send({ csv }));
    expect(imported).toEqual(all(200));
    const people = 'name\nRagna Firth\n';
    await atOnce(() => coach.ask(ADDRESSES.importPeople).send({ csv: people }));
    const { people: known } = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    expect(known.filter(({ document }) => document.name === 'Ragna Firth')).toHaveLength(1);

    const { drills } = (await coach.ask(ADDRESSES.drills).expect(200)).body as OwnDrills;
    for (const name of ['Tideline reset', 'Mooring reset', 'Mooring hinge']) {
      expect(drills.filter(({ drill }) => drill.name === name)).toHaveLength(1);
    }
  });

  it('a studio with an address', async () => {
    const email = `${randomUUID()}@saltmere.example`;
    const studio = { studioName: 'Slip', coachName: 'Ebba', email, password: PASSWORD, timeZone: 'Europe/Lisbon' };
    const answers = await atOnce(() => new Visitor(server).ask(ADDRESSES.openStudio).send(studio));
    expect(answers).toEqual(one(201, 409));
  });
});

describe('a drill that was taken out and is added again', () => {
  it('has the version that the next change is made on', async () => {
    const drill = ownDrill('Painter knot');
    await coach.ask(ADDRESSES.addDrill).send(drill).expect(201);
    await coach.ask(ADDRESSES.takeOutDrill, drill.id).expect(204);
    const { version } = (await coach.ask(ADDRESSES.addDrill).send(drill).expect(201)).body as { version: number };
    await coach.ask(ADDRESSES.saveDrill, drill.id).send({ drill, version }).expect(200);
  });
});

describe('what is taken out while it is changed', () => {
  it('is gone, or changed and then gone, and never half there', async () => {
    for (let round = 0; round < 6; round += 1) {
      const id = randomUUID();
      const sent = (version: number | null) => ({
        version,
        groupIds: [],
        document: { ...nobody, name: `Ebba ${String(round)}` },
      });
      await coach.ask(ADDRESSES.savePerson, id).send(sent(null)).expect(200);
      const [change, gone] = await Promise.all([
        coach.ask(ADDRESSES.savePerson, id).send(sent(1)),
        coach.ask(ADDRESSES.deletePerson, id),
      ]);
      expect(gone.status).toBe(204);
      expect([200, 404]).toContain(change.status);
      const { people } = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
      expect(people.some((person) => person.id === id)).toBe(false);
      await coach.ask(ADDRESSES.savePerson, id).send(sent(2)).expect(404);
    }
  });

  it('a session is shortened or taken out, whichever came first', async () => {
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const [fitted, gone] = await Promise.all([
      coach.ask(ADDRESSES.fitSession, session.id).send({ fit: null }),
      coach.ask(ADDRESSES.takeOutSession, session.id),
    ]);
    expect([204, 404]).toContain(fitted.status);
    expect(gone.status).toBe(204);
    await coach.ask(ADDRESSES.session, session.id).expect(404);
  });
});
