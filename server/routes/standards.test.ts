import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import type { Approach } from '@prompt-spark/core/approach/approach';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { MEASURES, type Measure } from '@prompt-spark/core/measures/measure';
import { testPerson } from '@prompt-spark/core/testing/people';
import { USUAL_TIMES } from '@prompt-spark/core/occasion/trade';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newCircuit, signedInCoach, testServer, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const ownApproach = (name: string): Approach => ({ ...APPROACHES[0], id: randomUUID(), name });
const ownSession = (name: string): MainSession => ({
  id: randomUUID(),
  name,
  words: ['oars'],
  holds: 'usual',
  needs: { 'upper back · activation': 0.8 },
});
const coach = async () => (await signedInCoach(server, `${randomUUID()}@saltmere.example`)).coach;

describe('an approach of a studio’s own', () => {
  it('is kept, changed on the version it was made on, and taken out', async () => {
    const imke = await coach();
    const document = ownApproach('Harbour order');
    const save = (version: number | null, change: Partial<Approach> = {}) =>
      imke.ask(ADDRESSES.saveApproach, document.id).send({ version, document: { ...document, ...change } });
    expect((await save(null).expect(200)).body).toEqual({ version: 1, document });
    expect((await save(1, { says: 'From the water up' }).expect(200)).body).toMatchObject({ version: 2 });
    expect((await save(1).expect(409)).body).toMatchObject({ current: { version: 2 } });
    await imke.ask(ADDRESSES.takeOutApproach, document.id).expect(204);
    expect((await imke.ask(ADDRESSES.standards).expect(200)).body).toMatchObject({ approaches: [] });
  });

  it('can be the default until it is taken out', async () => {
    const imke = await coach();
    const document = ownApproach('Harbour order');
    await imke.ask(ADDRESSES.setDefaultApproach).send({ id: document.id }).expect(404);
    await imke.ask(ADDRESSES.saveApproach, document.id).send({ version: null, document }).expect(200);
    await imke.ask(ADDRESSES.setDefaultApproach).send({ id: document.id }).expect(204);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({ defaultApproach: document.id });
    await imke.ask(ADDRESSES.takeOutApproach, document.id).expect(204);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({ defaultApproach: '' });
  });

  it('is refused with shares that are not the whole, a name that is taken, or the id of one that ships', async () => {
    const imke = await coach();
    const good = ownApproach('Harbour order');
    const send = (document: Approach) =>
      imke.ask(ADDRESSES.saveApproach, document.id).send({ version: null, document });
    const shares = await send({ ...good, shares: { raise: 0.5 } }).expect(422);
    expect(shares.text).toContain('do not add up to 100 %');
    expect(
      (await send({ ...good, essential: ['release'], order: ['raise'], shares: { raise: 1 } }).expect(422)).text,
    ).toContain('not in the order');
    expect((await send({ ...good, name: 'raise FIRST' }).expect(422)).text).toContain('name of its own');
    await send({ ...good, id: APPROACHES[1]?.id ?? '' }).expect(422);
  });

  it('is no other studio’s', async () => {
    const [imke, stranger] = [await coach(), await coach()];
    const document = ownApproach('Harbour order');
    await imke.ask(ADDRESSES.saveApproach, document.id).send({ version: null, document }).expect(200);
    await stranger.ask(ADDRESSES.takeOutApproach, document.id).expect(404);
    await stranger.ask(ADDRESSES.saveApproach, document.id).send({ version: 1, document }).expect(409);
    await stranger.ask(ADDRESSES.setDefaultApproach).send({ id: document.id }).expect(404);
    expect((await stranger.ask(ADDRESSES.standards)).body).toMatchObject({ approaches: [] });
  });
});

describe('a main session of a studio’s own', () => {
  it('is kept, changed and taken out', async () => {
    const imke = await coach();
    const document = ownSession('Gig rowing');
    const put = (version: number | null, next: MainSession) =>
      imke.ask(ADDRESSES.saveMainSession, document.id).send({ version, document: next });
    await put(null, document).expect(200);
    await put(1, { ...document, needs: { 'grip · activation': 1 } }).expect(200);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({
      sessions: [{ version: 2, document: { needs: { 'grip · activation': 1 } } }],
    });
    await imke.ask(ADDRESSES.takeOutMainSession, document.id).expect(204);
    await imke.ask(ADDRESSES.takeOutMainSession, document.id).expect(404);
  });

  it('is refused without a word or a target, or under a name that ships', async () => {
    const imke = await coach();
    const good = ownSession('Gig rowing');
    const send = (document: MainSession) =>
      imke.ask(ADDRESSES.saveMainSession, document.id).send({ version: null, document });
    expect((await send({ ...good, words: [] }).expect(422)).text).toContain('a word to be known by');
    expect((await send({ ...good, needs: {} }).expect(422)).text).toContain('at least one target');
    await send({ ...good, name: MAIN_SESSIONS[0]?.name ?? '' }).expect(422);
  });
});

describe('a measure of a studio’s own', () => {
  const heelDrop = (): Measure => ({ ...(MEASURES[0] ?? expect.fail()), id: randomUUID(), name: 'Heel drop' });

  it('is kept, changed and taken out; what was measured by it stays with the person', async () => {
    const imke = await coach();
    const document = heelDrop();
    const put = (version: number | null, next: Measure) =>
      imke.ask(ADDRESSES.saveMeasure, document.id).send({ version, document: next });
    await put(null, document).expect(200);
    await put(1, { ...document, noticeable: 4 }).expect(200);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({
      measures: [{ version: 2, document: { name: 'Heel drop', noticeable: 4 } }],
    });
    const measured = [{ id: randomUUID(), measureId: document.id, day: '2026-11-20', left: 8, right: 9.5, once: null }];
    const personId = randomUUID();
    const { id: _, ...person } = testPerson({ name: 'Ebba Quay', consentOn: '2026-11-01', measured });
    await imke.ask(ADDRESSES.savePerson, personId).send({ version: null, groupIds: [], document: person }).expect(200);
    await imke.ask(ADDRESSES.takeOutMeasure, document.id).expect(204);
    await imke.ask(ADDRESSES.takeOutMeasure, document.id).expect(404);
    const { people } = (await imke.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    expect(people.find(({ id }) => id === personId)?.document.measured).toEqual(measured);
  });

  it('is refused without steps, with bounds the wrong way round, under a name that ships, or by another studio', async () => {
    const [imke, stranger] = [await coach(), await coach()];
    const good = heelDrop();
    const send = (document: Measure, who = imke) =>
      who.ask(ADDRESSES.saveMeasure, document.id).send({ version: null, document });
    expect((await send({ ...good, how: [] }).expect(422)).text).toContain('Say how it is taken');
    expect((await send({ ...good, least: 30, most: 20 }).expect(422)).text).toContain('more than the least');
    expect((await send({ ...good, name: 'PLANK' }).expect(422)).text).toContain('name of its own');
    await send(good).expect(200);
    await stranger.ask(ADDRESSES.takeOutMeasure, good.id).expect(404);
    expect((await stranger.ask(ADDRESSES.standards)).body).toMatchObject({ measures: [] });
  });
});

describe('the seconds of a studio', () => {
  const slower = { ...USUAL_TIMES, talkKnown: 20 };
  const listed = async (who: Awaited<ReturnType<typeof coach>>): Promise<number> => {
    const { circuits } = (await who.ask(ADDRESSES.circuits).expect(200)).body as {
      readonly circuits: readonly { readonly seconds: number }[];
    };
    return circuits[0]?.seconds ?? 0;
  };

  it('are those of the trade until it sets its own, and then every list is timed with them', async () => {
    const imke = await coach();
    await imke
      .ask(ADDRESSES.addCircuit)
      .send(newCircuit('# Quay\nraise\n  step jack 20s alt\n  cat-cow 8'))
      .expect(201);
    const before = await listed(imke);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({ times: null });
    await imke.ask(ADDRESSES.setTimes).send({ times: slower }).expect(204);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({ times: slower });
    // Talk of 20 s takes longer than getting to either of the two drills.
    expect(await listed(imke)).toBeGreaterThan(before + 20);
    await imke.ask(ADDRESSES.setTimes).send({ times: null }).expect(204);
    expect(await listed(imke)).toBe(before);
  });

  it('are refused where one is missing, below nothing, or beyond two minutes', async () => {
    const imke = await coach();
    const { talkNew: _, ...missing } = USUAL_TIMES;
    for (const times of [
      missing,
      { ...slower, talkKnown: -1 },
      { ...slower, ranksApart: [4, 6] },
      { ...slower, talkNew: 121 },
    ])
      await imke.ask(ADDRESSES.setTimes).send({ times }).expect(422);
    expect((await imke.ask(ADDRESSES.standards)).body).toMatchObject({ times: null });
  });

  it('are no other studio’s', async () => {
    const [imke, stranger] = [await coach(), await coach()];
    await imke.ask(ADDRESSES.setTimes).send({ times: slower }).expect(204);
    expect((await stranger.ask(ADDRESSES.standards)).body).toMatchObject({ times: null });
  });
});
