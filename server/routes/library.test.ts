import { check } from '@prompt-spark/contract/check';
import { drillsSchema } from '@prompt-spark/contract/drill';
import { ROUTES } from '@prompt-spark/contract/routes';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { signedInCoach, testServer, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

it('hands out the drills in the shape the contract gives them', async () => {
  const { coach } = await signedInCoach(server, 'drills@saltmere.example');
  const { body } = await coach.ask(ROUTES.drills).expect(200);
  const checked = check(drillsSchema, body);
  expect(checked.ok ? [] : checked.errors).toEqual([]);
});
