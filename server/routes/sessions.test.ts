import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { RunPage } from '@prompt-spark/contract/run';
import type { StudioPlaces } from '@prompt-spark/contract/studio';
import type { SessionList } from '@prompt-spark/contract/session';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  newCircuit,
  newRun,
  newMove,
  newSession,
  signedInCoach,
  testServer,
  type TestServer,
  type Visitor,
} from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
let places: StudioPlaces;
let me: string;
let siteDetails: object;
let siteVersion: number;
const circuit = newCircuit();
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'booker@saltmere.example'));
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
  places = (await coach.ask(ADDRESSES.places).expect(200)).body as StudioPlaces;
  me = places.coaches[0]?.id ?? '';
  const [{ id: _, version, ...details } = { id: '', version: 0 }] = places.sites;
  [siteDetails, siteVersion] = [details, version];
});
afterAll(() => server.close());

const span = (from: string, to: string) => coach.ask(ADDRESSES.sessions).query({ from, to });

describe('a session', () => {
  it('stands in the book from its start on, in order of time, with its circuit', async () => {
    const late = newSession(circuit.id, { startsAt: '2026-12-01T18:00:00.000Z' });
    const early = newSession(circuit.id, { startsAt: '2026-12-01T06:15:00.000Z' });
    for (const session of [late, early]) await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const { repeats: _, ...booked } = early;
    const { body } = await span('2026-12-01T00:00:00.000Z', '2026-12-02T00:00:00.000Z').expect(200);
    expect((body as SessionList).sessions).toMatchObject([
      { ...booked, coachId: me, seriesId: null, coachName: 'Ottoline Crake', title: 'Short one', runId: null },
      { id: late.id },
    ]);
  });

  it('can be taken out of the book', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    await coach.ask(ADDRESSES.session, session.id).expect(200);
    await coach.ask(ADDRESSES.takeOutSession, session.id).expect(204);
    await coach.ask(ADDRESSES.session, session.id).expect(404);
  });

  it('is moved, to another coach, place and time, and keeps its circuit and what it was fitted to', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const site = places.sites[0]?.id ?? '';
    const move = newMove({ coachId: me, siteId: site, startsAt: '2026-12-04T06:15:00.000Z', minutes: 12 });
    await coach.ask(ADDRESSES.moveSession, session.id).send(move).expect(204);
    const { span: _, ...moved } = move;
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ ...moved, circuitId: circuit.id });
    const nobody = newMove({ coachId: crypto.randomUUID() });
    await coach.ask(ADDRESSES.moveSession, session.id).send(nobody).expect(404);
    await coach.ask(ADDRESSES.moveSession, crypto.randomUUID()).send(move).expect(404);
    await coach
      .ask(ADDRESSES.moveSession, session.id)
      .send(newMove({ coachId: me, minutes: 0 }))
      .expect(422);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject(moved);
  });

  it('can be fitted for itself alone, and run as planned again', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ fit: null });
    const fit = {
      seconds: 240,
      plan: {
        slots: { one: { kind: 'out' }, two: { kind: 'kept', amount: 'half', sides: 'alternate' } },
        blocks: { raise: { rounds: 1, rest: 'none' } },
        namesOnly: true,
      },
    };
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit }).expect(204);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ id: session.id, fit });
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit: null }).expect(204);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ fit: null });
    const wrong = { ...fit, plan: { ...fit.plan, slots: { one: { kind: 'kept', amount: 'a bit', sides: 'both' } } } };
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit: wrong }).expect(422);
    await coach.ask(ADDRESSES.fitSession, crypto.randomUUID()).send({ fit }).expect(404);
  });

  it('is picked for by itself, and then is shortened no more by what was meant for other drills', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ picks: null });
    const fit = { seconds: 240, plan: { slots: { one: { kind: 'out' } }, blocks: {}, namesOnly: false } };
    await coach.ask(ADDRESSES.fitSession, session.id).send({ fit }).expect(204);
    const picks = [{ blockId: 'raise', slotIds: ['one', 'three'] }];
    await coach.ask(ADDRESSES.pickForSession, session.id).send({ picks }).expect(204);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ picks, fit: null });
    await coach.ask(ADDRESSES.pickForSession, session.id).send({ picks: null }).expect(204);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ picks: null });
    const wrong = [{ blockId: 'raise', slotIds: [7] }];
    await coach.ask(ADDRESSES.pickForSession, session.id).send({ picks: wrong }).expect(422);
    await coach.ask(ADDRESSES.pickForSession, crypto.randomUUID()).send({ picks }).expect(404);
  });

  it('is listed for no longer than what is picked for it takes', async () => {
    const own = newCircuit('# Turns\nraise 1 of these\n  step jack 20s alt\n  step jack 120s alt');
    await coach.ask(ADDRESSES.addCircuit).send(own).expect(201);
    const session = newSession(own.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const listed = async () => {
      const { body } = await span('2026-11-20T00:00:00.000Z', '2026-12-01T00:00:00.000Z').expect(200);
      return (body as SessionList).sessions.find(({ id }) => id === session.id)?.seconds ?? 0;
    };
    const first = await listed();
    const [block] = own.circuit.blocks;
    const picks = [{ blockId: block?.id ?? '', slotIds: [block?.lines[1]?.id ?? ''] }];
    await coach.ask(ADDRESSES.pickForSession, session.id).send({ picks }).expect(204);
    expect((await listed()) - first).toBe(100);
  });

  it('is listed only for a span that makes sense', async () => {
    await span('2026-12-02T00:00:00.000Z', '2026-12-01T00:00:00.000Z').expect(422);
    await span('2026-01-01T00:00:00.000Z', '2026-12-01T00:00:00.000Z').expect(422);
    await span('soon', 'later').expect(422);
  });
});

describe('a session that repeats', () => {
  const SUNDAYS = ['2026-10-18', '2026-10-25', '2026-11-01'];
  /** 18:00 in Amsterdam: summer time ends there on 25 October 2026 (IANA time zone database). */
  const SIX = ['2026-10-18T16:00:00.000Z', '2026-10-25T17:00:00.000Z', '2026-11-01T17:00:00.000Z'];
  const starts = async (ids: readonly string[]) => {
    const { body } = await span('2026-10-01T00:00:00.000Z', '2026-11-30T00:00:00.000Z').expect(200);
    const { sessions } = body as SessionList;
    return ids.map((id) => sessions.find((one) => one.id === id)?.at ?? null).map((at) => at && [at.day, at.time]);
  };

  async function book() {
    const [first, ...others] = SIX.map((startsAt) => ({ id: crypto.randomUUID(), startsAt }));
    const site = places.sites[0] ?? { id: '' };
    await coach
      .ask(ADDRESSES.saveSite, site.id)
      .send({ version: siteVersion, site: { ...siteDetails, timeZone: 'Europe/Amsterdam' } })
      .expect(200);
    siteVersion += 1;
    const session = newSession(circuit.id, { ...first, siteId: site.id, repeats: others });
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    return [session.id, ...others.map(({ id }) => id)];
  }

  it('is booked in one go, once however often it is sent', async () => {
    const ids = await book();
    expect(await starts(ids)).toEqual(SUNDAYS.map((day) => [day, '18:00']));
    const [first = '', second = ''] = ids;
    const again = newSession(circuit.id, { id: first, repeats: [{ id: second, startsAt: SIX[1] ?? '' }] });
    await coach.ask(ADDRESSES.addSession).send(again).expect(201);
    const half = newSession(circuit.id, { repeats: [{ id: second, startsAt: SIX[1] ?? '' }] });
    await coach.ask(ADDRESSES.addSession).send(half).expect(409);
    await coach.ask(ADDRESSES.session, half.id).expect(404);
  });

  it('moves alone or with those that follow, by the clock on the wall of its site', async () => {
    const ids = await book();
    const [first = '', second = ''] = ids;
    const site = places.sites[0]?.id ?? '';
    const half = (startsAt: string, how: 'one' | 'following') =>
      newMove({ coachId: me, siteId: site, startsAt, span: how });
    await coach.ask(ADDRESSES.moveSession, second).send(half('2026-10-26T17:30:00.000Z', 'one')).expect(204);
    expect(await starts(ids)).toEqual([
      ['2026-10-18', '18:00'],
      ['2026-10-26', '18:30'],
      ['2026-11-01', '18:00'],
    ]);
    // A day later at 19:00: in winter time an hour further from UTC than in summer time.
    await coach.ask(ADDRESSES.moveSession, first).send(half('2026-10-19T17:00:00.000Z', 'following')).expect(204);
    expect(await starts(ids)).toEqual([
      ['2026-10-19', '19:00'],
      ['2026-10-27', '19:30'],
      ['2026-11-02', '19:00'],
    ]);
  });

  it('is taken out with those that follow, and put back with them', async () => {
    const ids = await book();
    const [, second = '', third = ''] = ids;
    await coach.ask(ADDRESSES.takeOutSession, third).expect(204);
    await coach.ask(ADDRESSES.takeOutSession, second).query({ span: 'following' }).expect(204);
    expect((await starts(ids)).filter(Boolean)).toHaveLength(1);
    await coach.ask(ADDRESSES.bringBackSession, second).query({ span: 'following' }).expect(204);
    // What was taken out before, by itself, stays out.
    expect((await starts(ids)).map(Boolean)).toEqual([true, true, false]);
    await coach.ask(ADDRESSES.takeOutSession, second).query({ span: 'all' }).expect(422);
  });
});

describe('a run', () => {
  it('is kept with every slot in order, planned and actual', async () => {
    const run = newRun(circuit, { effort: null, warm: null, note: '' });
    await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    const { body } = await coach.ask(ADDRESSES.runs).expect(200);
    const { turns, pace, ...facts } = run;
    const kept = (body as RunPage).runs.find(({ id }) => id === run.id);
    expect(kept).toMatchObject({ ...facts, coachName: 'Ottoline Crake', groupName: null });
    expect(kept?.planned).toBe(turns.reduce((sum, { planned }) => sum + planned, 0));
    expect((await coach.ask(ADDRESSES.runTurns, run.id).expect(200)).body).toEqual({ turns, pace });
  });

  it('is kept once, however often it is sent', async () => {
    const run = newRun(circuit);
    await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    await coach.ask(ADDRESSES.addRun).send(run).expect(200);
    const { body } = await coach.ask(ADDRESSES.runs);
    expect((body as RunPage).runs.filter(({ id }) => id === run.id)).toHaveLength(1);
  });

  it('shows on its session, the last one where there were two', async () => {
    const session = newSession(circuit.id);
    await coach.ask(ADDRESSES.addSession).send(session).expect(201);
    const first = newRun(circuit, { sessionId: session.id });
    const again = newRun(circuit, { sessionId: session.id, startedAt: '2026-11-26T19:00:00.000Z' });
    for (const run of [again, first]) await coach.ask(ADDRESSES.addRun).send(run).expect(201);
    expect((await coach.ask(ADDRESSES.session, session.id)).body).toMatchObject({ runId: again.id });
  });

  it('is refused where its effort is off the scale', async () => {
    await coach
      .ask(ADDRESSES.addRun)
      .send({ ...newRun(circuit), effort: 11 })
      .expect(422);
  });
});
