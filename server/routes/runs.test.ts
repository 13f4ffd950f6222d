import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { GroupWork } from '@prompt-spark/contract/groupWork';
import type { ImportReport } from '@prompt-spark/contract/import';
import type { RunPage } from '@prompt-spark/contract/run';
import type { StudioPlaces } from '@prompt-spark/contract/studio';
import type { RunMark } from '@prompt-spark/core/session/marks';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newCircuit, newRun, signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
const circuit = newCircuit();
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'marker@saltmere.example'));
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
});
afterAll(() => server.close());

const runs = async () => ((await coach.ask(ADDRESSES.runs).expect(200)).body as RunPage).runs;

it('keeps what was tapped on the Stage, each with its second, and lists it with the run', async () => {
  const marks: readonly RunMark[] = [
    { at: 61.5, slotId: 'one', drillId: 'cat-cow', kind: 'too easy' },
    { at: 90, slotId: 'two', drillId: 'lateral-lunge', kind: 'niggle' },
  ];
  const run = newRun(circuit, { marks });
  await coach.ask(ADDRESSES.addRun).send(run).expect(201);
  expect((await runs()).find(({ id }) => id === run.id)?.marks).toEqual(marks);
});

it('takes a run from a page that knows nothing of taps, and refuses what is no tap', async () => {
  const { marks: _, ...older } = newRun(circuit);
  await coach.ask(ADDRESSES.addRun).send(older).expect(201);
  expect((await runs()).find(({ id }) => id === older.id)?.marks).toEqual([]);
  const wrong = { at: 1, slotId: 'one', drillId: 'cat-cow', kind: 'knee of Halvard' };
  await coach
    .ask(ADDRESSES.addRun)
    .send({ ...newRun(circuit), marks: [wrong] })
    .expect(422);
});

it('tells what a group ran since an instant, each drill once, with what its circuit is for', async () => {
  const group = { id: randomUUID(), name: 'Dusk Rowers' };
  await coach.ask(ADDRESSES.addGroup).send(group).expect(201);
  const rounds = newCircuit('# Slipway\nfor: rowing\nmobilise 2 rounds\n  cat-cow 6\n  lateral lunge 8/side', {
    groupId: group.id,
  });
  await coach.ask(ADDRESSES.addCircuit).send(rounds).expect(201);
  const [early, late, gone] = [9, 16, 23].map((day) =>
    newRun(rounds, { startedAt: `2026-11-${String(day).padStart(2, '0')}T18:00:00.000Z` }),
  );
  if (!early || !late || !gone) throw new Error('Three runs were made.');
  for (const run of [early, late, gone]) await coach.ask(ADDRESSES.addRun).send(run).expect(201);
  await coach.ask(ADDRESSES.takeOutRun, gone.id).expect(204);
  await coach.ask(ADDRESSES.addRun).send(newRun(circuit)).expect(201);

  const work = async (from: string) =>
    (await coach.ask(ADDRESSES.groupWork, group.id).query({ from }).expect(200)).body as GroupWork;
  const { runs: found } = await work('2026-11-01T00:00:00.000Z');
  expect(found.map(({ id }) => id)).toEqual([late.id, early.id]);
  expect(found[0]).toMatchObject({ circuitTitle: 'Slipway', purpose: 'rowing', circuitId: rounds.id });
  const took = (drillId: string) =>
    late.turns.filter((turn) => turn.drillId === drillId).reduce((sum, turn) => sum + turn.actual, 0);
  expect(found[0]?.drills).toEqual([
    { drillId: 'cat-cow', seconds: took('cat-cow') },
    { drillId: 'lateral-lunge', seconds: took('lateral-lunge') },
  ]);
  expect((await work('2026-11-10T00:00:00.000Z')).runs.map(({ id }) => id)).toEqual([late.id]);
  await coach.ask(ADDRESSES.groupWork, group.id).query({ from: 'lately' }).expect(422);
});

describe('a log as CSV', () => {
  const HEADING = 'day,time,circuit,group,place,coach,planned seconds,actual seconds,effort 0-10,warm,note';
  const logOf = async (visitor: Visitor) => ((await visitor.ask(ADDRESSES.runs)).body as RunPage).runs;
  const take = async (visitor: Visitor, ...lines: readonly string[]) =>
    (await visitor.ask(ADDRESSES.importRuns).send({ csv: [HEADING, ...lines].join('\r\n') })).body as ImportReport;

  async function studioWithSquats(email: string) {
    const { coach } = await signedInCoach(server, email);
    await coach.ask(ADDRESSES.addCircuit).send(newCircuit('# Squats\nraise\n  step jack 20s alt')).expect(201);
    const { sites } = (await coach.ask(ADDRESSES.places)).body as StudioPlaces;
    return { coach, site: sites[0]?.name ?? '' };
  }

  it('is taken in, each run at its time on the wall of its place, and once', async () => {
    const { coach, site } = await studioWithSquats('log-in@saltmere.example');
    const lines = [
      `2026-07-01,6:15,squats,,${site},Ottoline Crake,400,410,4,yes,"Warm, and ""quick"""`,
      `2026-12-01,18:30,Squats,,,,400,395,,,`,
    ];
    expect(await take(coach, ...lines)).toEqual({ added: 2, same: 0, problems: [] });
    const [winter, summer] = await logOf(coach);
    expect(summer).toMatchObject({
      // London is an hour ahead of UTC in July.
      startedAt: '2026-07-01T05:15:00.000Z',
      finishedAt: '2026-07-01T05:21:50.000Z',
      planned: 400,
      actual: 410,
      effort: 4,
      warm: 'yes',
      note: 'Warm, and "quick"',
      siteName: site,
      coachName: 'Ottoline Crake',
    });
    expect(winter).toMatchObject({ startedAt: '2026-12-01T18:30:00.000Z', effort: null, warm: null, siteName: null });
    expect(await take(coach, ...lines, '2026-12-02,18:30,Squats,,,,400,395,,,')).toEqual({
      added: 1,
      same: 2,
      problems: [],
    });
    expect(await logOf(coach)).toHaveLength(3);
    await coach.ask(ADDRESSES.runTurns, summer?.id).expect(200, { pace: null, turns: [] });
  });

  it('is not taken in at all where a line is wrong, and says which', async () => {
    const { coach } = await studioWithSquats('log-wrong@saltmere.example');
    const report = await take(
      coach,
      '2026-07-01,6:15,Squats,,,,400,410,,,',
      '2026-02-30,6:15,Squats,,,,400,410,,,',
      '2026-07-02,6:15,Presses,Nobody,Moon,Somebody,400,410,,,',
      '2026-07-03,6:15,Squats,,,,400,x,,,',
    );
    expect(report).toEqual({
      added: 0,
      same: 0,
      problems: [
        { line: 3, message: '"2026-02-30" is not in the calendar' },
        { line: 4, message: 'There is no circuit called "Presses"' },
        { line: 4, message: 'There is no group called "Nobody"' },
        { line: 4, message: 'There is no place called "Moon"' },
        { line: 4, message: 'There is no coach called "Somebody"' },
        { line: 5, message: '"x" is not seconds: a whole number from 0 to 86400' },
      ],
    });
    expect(await logOf(coach)).toEqual([]);
  });

  it('finds nothing of another studio', async () => {
    const { coach } = await studioWithSquats('log-own@saltmere.example');
    await coach.ask(ADDRESSES.addCircuit).send(newCircuit('# Own alone\nraise\n  step jack 20s alt')).expect(201);
    const { coach: other } = await studioWithSquats('log-other@saltmere.example');
    const { problems } = await take(other, '2026-07-01,6:15,Own alone,,,,400,410,,,');
    expect(problems).toEqual([{ line: 2, message: 'There is no circuit called "Own alone"' }]);
  });
});
