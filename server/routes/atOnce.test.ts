import { catalogue } from '@prompt-spark/catalogue';
import { ROUTES } from '@prompt-spark/contract/routes';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { MAIN_SESSIONS } from '@prompt-spark/core/coverage/mainSession';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { limit, testPerson } from '@prompt-spark/core/testing/people';
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
      coach.ask(ROUTES.savePerson, id).send({ version, groupIds: [], document: { ...document, notes } });
    await save(null, 'first').expect(200);
    expect(await atOnce((window) => save(1, `window ${String(window)}`))).toEqual(one(200, 409));
    expect((await save(1, 'late').expect(409)).body).toMatchObject({ current: { version: 2 } });
  });

  it('of a drill, an approach, a main session and a site', async () => {
    const drill = ownDrill('Quay lunge');
    await coach.ask(ROUTES.addDrill).send(drill).expect(201);
    const felt = (window: number) => ({ drill: { ...drill, felt: `window ${String(window)}` }, version: 1 });
    expect(await atOnce((window) => coach.ask(ROUTES.saveDrill, drill.id).send(felt(window)))).toEqual(one(200, 409));

    const approach = { ...APPROACHES[0], id: randomUUID(), name: 'Quay order' };
    const saveApproach = (version: number | null, says: string) =>
      coach.ask(ROUTES.saveApproach, approach.id).send({ version, document: { ...approach, says } });
    await saveApproach(null, 'first').expect(200);
    expect(await atOnce((window) => saveApproach(1, `window ${String(window)}`))).toEqual(one(200, 409));

    const session = { ...MAIN_SESSIONS[0], id: randomUUID(), name: 'Quay rowing', words: ['oars'] };
    const saveSession = (version: number | null, name: string) =>
      coach.ask(ROUTES.saveMainSession, session.id).send({ version, document: { ...session, name } });
    await saveSession(null, session.name).expect(200);
    expect(await atOnce((window) => saveSession(1, `Window ${String(window)}`))).toEqual(one(200, 409));

    const places = (await coach.ask(ROUTES.places).expect(200)).body as {
      readonly sites: readonly { readonly id: string; readonly version: number }[];
    };
    const { id = '', version = 0, ...site } = places.sites[0] ?? {};
    const saveSite = (lanes: number) => coach.ask(ROUTES.saveSite, id).send({ version, site: { ...site, lanes } });
    expect(await atOnce((window) => saveSite(window + 1))).toEqual(one(200, 409));
  });
});

describe('what is sent several times at once is there once', () => {
  it('a circuit, a session in the book, a group and a run', async () => {
    const circuit = newCircuit();
    expect(await atOnce(() => coach.ask(ROUTES.addCircuit).send(circuit))).toEqual(all(201));
    const session = newSession(circuit.id);
    expect(await atOnce(() => coach.ask(ROUTES.addSession).send(session))).toEqual(all(201));
    const group = { id: randomUUID(), name: 'Dawn Mixed' };
    expect(await atOnce(() => coach.ask(ROUTES.addGroup).send(group))).toEqual(all(201));
    const run = newRun(circuit, { sessionId: session.id });
    // The later ones are told that it is kept already.
    expect(await atOnce(() => coach.ask(ROUTES.addRun).send(run))).toEqual([...one(201, 200)].toSorted());

    const count = async (route: (typeof ROUTES)['circuits' | 'runs'], id: string) =>
      ((await coach.ask(route).expect(200)).body as readonly { id: string }[]).filter((kept) => kept.id === id).length;
    expect([await count(ROUTES.circuits, circuit.id), await count(ROUTES.runs, run.id)]).toEqual([1, 1]);
    const { groups } = (await coach.ask(ROUTES.places).expect(200)).body as { groups: readonly { id: string }[] };
    expect(groups.filter(({ id }) => id === group.id)).toHaveLength(1);
  });

  it('a person who is new', async () => {
    const id = randomUUID();
    const sent = { version: null, groupIds: [], document: { ...nobody, name: 'Ebba Quay' } };
    const answers = await atOnce(() => coach.ask(ROUTES.savePerson, id).send(sent));
    expect(answers[0]).toBe(200);
    expect(answers.every((status) => status === 200 || status === 409)).toBe(true);
    const people = (await coach.ask(ROUTES.people).expect(200)).body as readonly { id: string }[];
    expect(people.filter((person) => person.id === id)).toHaveLength(1);
  });

  it('a drill of a name, and a library taken in', async () => {
    const answers = await atOnce((window) =>
      coach.ask(ROUTES.addDrill).send({ ...ownDrill('Tideline reset'), id: `own-tideline-${String(window)}` }),
    );
    expect(answers.filter((status) => status === 201)).toHaveLength(1);
    expect(answers.every((status) => [201, 409, 422].includes(status))).toBe(true);

    const csv = writeDrillCsv([ownDrill('Mooring reset'), ownDrill('Mooring hinge')]);
    const imported = await atOnce(() => coach.ask(ROUTES.importDrills).send({ csv }));
    expect(imported.every((status) => [200, 201, 409].includes(status))).toBe(true);
    const people = 'name\nRagna Firth\n';
    await atOnce(() => coach.ask(ROUTES.importPeople).send({ csv: people }));
    const known = (await coach.ask(ROUTES.people).expect(200)).body as readonly { document: { name: string } }[];
    expect(known.filter(({ document }) => document.name === 'Ragna Firth').length).toBeLessThanOrEqual(1);

    const drills = (await coach.ask(ROUTES.drills).expect(200)).body as readonly { drill: Drill }[];
    for (const name of ['Tideline reset', 'Mooring reset', 'Mooring hinge']) {
      expect(drills.filter(({ drill }) => drill.name === name)).toHaveLength(1);
    }
  });

  it('a studio with an address', async () => {
    const email = `${randomUUID()}@saltmere.example`;
    const studio = { studioName: 'Slip', coachName: 'Ebba', email, password: PASSWORD };
    const answers = await atOnce(() => new Visitor(server).ask(ROUTES.openStudio).send(studio));
    expect(answers).toEqual(one(201, 409));
  });
});

describe('a drill that was taken out and is added again', () => {
  it('has the version that the next change is made on', async () => {
    const drill = ownDrill('Painter knot');
    await coach.ask(ROUTES.addDrill).send(drill).expect(201);
    await coach.ask(ROUTES.takeOutDrill, drill.id).expect(204);
    const { version } = (await coach.ask(ROUTES.addDrill).send(drill).expect(201)).body as { version: number };
    await coach.ask(ROUTES.saveDrill, drill.id).send({ drill, version }).expect(200);
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
      await coach.ask(ROUTES.savePerson, id).send(sent(null)).expect(200);
      const [change, gone] = await Promise.all([
        coach.ask(ROUTES.savePerson, id).send(sent(1)),
        coach.ask(ROUTES.takeOutPerson, id),
      ]);
      expect(gone.status).toBe(204);
      expect([200, 404]).toContain(change.status);
      const people = (await coach.ask(ROUTES.people).expect(200)).body as readonly { id: string }[];
      expect(people.some((person) => person.id === id)).toBe(false);
      await coach.ask(ROUTES.savePerson, id).send(sent(2)).expect(404);
    }
  });

  it('a session is shortened or taken out, whichever came first', async () => {
    const circuit = newCircuit();
    await coach.ask(ROUTES.addCircuit).send(circuit).expect(201);
    const session = newSession(circuit.id);
    await coach.ask(ROUTES.addSession).send(session).expect(201);
    const [fitted, gone] = await Promise.all([
      coach.ask(ROUTES.fitSession, session.id).send({ fit: null }),
      coach.ask(ROUTES.takeOutSession, session.id),
    ]);
    expect([200, 404]).toContain(fitted.status);
    expect(gone.status).toBe(204);
    await coach.ask(ROUTES.session, session.id).expect(404);
  });
});
