import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { GroupWork } from '@prompt-spark/contract/groupWork';
import type { RunPage } from '@prompt-spark/contract/run';
import type { RunMark } from '@prompt-spark/core/session/marks';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, expect, it } from 'vitest';
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
