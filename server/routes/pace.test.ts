import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { OwnPace } from '@prompt-spark/contract/run';
import { USUAL_PACE } from '@prompt-spark/core/occasion/occasion';
import { NO_PACE, type RunPace } from '@prompt-spark/core/session/gaps';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { newCircuit, newRun, signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

let server: TestServer;
let coach: Visitor;
const circuit = newCircuit();
beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'pacer@saltmere.example'));
  await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
});
afterAll(() => server.close());

const talking = (share: number): RunPace => ({ ...NO_PACE, talk: { planned: 30, actual: 30 * share } });

async function log(paces: readonly RunPace[]): Promise<void> {
  for (const [at, pace] of paces.entries()) {
    const startedAt = new Date(Date.UTC(2026, 10, 1 + at, 18)).toISOString();
    await coach.ask(ADDRESSES.addRun).send(newRun(circuit, { pace, startedAt })).expect(201);
  }
}

const pace = async (): Promise<OwnPace> => (await coach.ask(ADDRESSES.ownPace).expect(200)).body as OwnPace;

it('is not known before five sessions, and then is their median', async () => {
  await log([1.2, 1.3, 1.4, 1.5].map(talking));
  expect(await pace()).toEqual({ all: { habits: USUAL_PACE, sessions: 0 }, groups: [] });
  await log([talking(1.6)]);
  const { all } = await pace();
  expect(all.sessions).toBe(5);
  expect(all.habits.talk).toBeCloseTo(1.4, 9);
  expect(all.habits.move).toBe(1);
});

it('tells how a drill is explained, and takes a run from a page that kept neither that nor rests', async () => {
  const explained = { ...NO_PACE, drills: { 'cat-cow': { planned: 10, actual: 17 } } };
  await log(Array<RunPace>(5).fill(explained));
  expect((await pace()).all.habits.drills).toEqual({ 'cat-cow': 1.7 });
  const { rest: _, drills: __, ...older } = NO_PACE;
  const run = newRun(circuit);
  await coach
    .ask(ADDRESSES.addRun)
    .send({ ...run, pace: older })
    .expect(201);
  expect((await coach.ask(ADDRESSES.runTurns, run.id).expect(200)).body).toMatchObject({ pace: NO_PACE });
});

it('is taken from a page that knows nothing of it, and refused where it makes no sense', async () => {
  const { pace: _, ...older } = newRun(circuit);
  await coach.ask(ADDRESSES.addRun).send(older).expect(201);
  const wrong = { ...newRun(circuit), pace: { ...NO_PACE, talk: { planned: -1, actual: 3 } } };
  await coach.ask(ADDRESSES.addRun).send(wrong).expect(422);
  expect((await pace()).all.sessions).toBe(5);
});
