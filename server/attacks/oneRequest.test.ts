import { PROBLEM_MEDIA_TYPE } from '@prompt-spark/contract/problem';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { endpointAt, everyBody, type Try } from '../testing/everyBody.ts';
import { signedInCoach, testServer, Visitor, type TestServer } from '../testing/studio.ts';
import { hostileBodies } from './bodies.ts';
import { largestBodies } from './largest.ts';
import { leastStallOf, STALL_MS } from './stall.ts';

const MOST_ANSWER_BYTES = 64 * 1024;

let server: TestServer;
let coach: Visitor;
let tries: readonly Try[];

beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'target@saltmere.example'));
  tries = await everyBody(coach, 'target@saltmere.example');
  // Once as it should be: what is loaded and made at the first use is there.
  for (const { route, id, body } of tries) await coach.ask(route, id).send(body);
});
afterAll(() => server.close());

describe('one request', () => {
  it('keeps nobody waiting and is answered in few words, however awkward its body', async () => {
    let sent = 0;
    for (const { route, id, body } of tries) {
      for (const { what, text } of hostileBodies(endpointAt(route), body)) {
        const { result: answer, stall } = await leastStallOf(async () =>
          coach.ask(route, id).type('application/json').send(text),
        );
        const which = `${route.method} ${route.path}: ${what}`;
        expect(answer.status, which).toBeLessThan(500);
        if (!what.startsWith('a good body')) expect(answer.type, which).toBe(PROBLEM_MEDIA_TYPE);
        expect(answer.text.length, which).toBeLessThan(MOST_ANSWER_BYTES);
        expect(stall, which).toBeLessThan(STALL_MS);
        sent += 1;
      }
    }
    expect(sent).toBeGreaterThan(300);
    expect(server.logged()).not.toContain('request failed');
  });

  it('is told at most twenty faults', async () => {
    const circuits = tries.find(({ route }) => endpointAt(route) === 'addCircuit');
    if (!circuits) throw new Error('There is no circuit to try.');
    const body = { ...circuits.body, circuit: { blocks: [{ lines: Array.from({ length: 100 }, () => ({})) }] } };
    const answer = await coach.ask(circuits.route).send(body).expect(422);
    const { errors } = JSON.parse(answer.text) as { readonly errors: readonly unknown[] };
    expect(errors).toHaveLength(20);
  });

  it('is not even read from somebody who is not signed in', async () => {
    for (const { route, id, body } of tries) {
      if (route.access !== 'coach') continue;
      const [large] = hostileBodies(endpointAt(route), body);
      const { result: answer, stall } = await leastStallOf(async () =>
        new Visitor(server).ask(route, id).type('application/json').send(large?.text),
      );
      expect(answer.status, route.path).toBe(401);
      expect(stall, route.path).toBeLessThan(STALL_MS);
    }
  });

  it.each([
    ['packed', { 'Content-Encoding': 'gzip' }],
    ['in an unknown alphabet', { 'Content-Type': 'application/json; charset=klingon' }],
    ['in another alphabet', { 'Content-Type': 'application/json; charset=utf-16' }],
  ])('that is %s is refused as the sender’s doing', async (_how, headers) => {
    const circuits = tries.find(({ route }) => endpointAt(route) === 'addCircuit');
    if (!circuits) throw new Error('There is no circuit to try.');
    const answer = await coach
      .ask(circuits.route)
      .set('Content-Type', 'application/json')
      .set(headers)
      .send(JSON.stringify(circuits.body));
    expect([answer.status, answer.type]).toEqual([415, PROBLEM_MEDIA_TYPE]);
  });
});

describe('the largest that is in order', () => {
  it('keeps nobody waiting either', async () => {
    for (const {
      what,
      try: { route, id, body },
      status,
    } of await largestBodies(coach)) {
      const { result: answer, stall } = await leastStallOf(async () => coach.ask(route, id).send(body));
      expect(answer.status, `${what}: ${answer.text.slice(0, 200)}`).toBe(status);
      expect(stall, what).toBeLessThan(STALL_MS);
    }
  });
});
