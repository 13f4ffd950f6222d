import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { RunPage } from '@prompt-spark/contract/run';
import type { RunMark } from '@prompt-spark/core/session/marks';
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
