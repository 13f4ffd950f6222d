import { PROBLEM_MEDIA_TYPE } from '@prompt-spark/contract/problem';
import { ADDRESSES, type Address } from '@prompt-spark/contract/addresses';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { everyBody, type Try } from '../testing/everyBody.ts';
import { signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';

/** A value somewhere in a body, by the keys that lead to it. */
type Path = readonly (string | number)[];

/** What has no business anywhere in a body, or only in few places. */
const JUNK: readonly unknown[] = [
  null,
  true,
  -1,
  0.5,
  1e308,
  Number.MAX_SAFE_INTEGER,
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\ud800',
  'x'.repeat(70_000),
  '../../etc/passwd',
  "'; drop table person; --",
  '2026-13-45T99:99:99Z',
  '+275760-09-13T00:00:00.001Z',
  randomUUID(),
  [],
  {},
  [[[[[[]]]]]],
  { __proto__: null, constructor: 'x' },
];

/** Every place in a body, itself among them. */
function placesIn(value: unknown, path: Path = []): readonly Path[] {
  if (typeof value !== 'object' || value === null) return [path];
  return [path, ...Object.entries(value).flatMap(([key, inner]) => placesIn(inner, [...path, key]))];
}

/** The body with something else in one place, or without it. */
function spoilt(body: unknown, [key, ...rest]: Path, junk: unknown): unknown {
  if (key === undefined) return junk;
  if (Array.isArray(body))
    return body.map((one: unknown, at) => (String(at) === String(key) ? spoilt(one, rest, junk) : one));
  return { ...(body as object), [key]: spoilt((body as Record<string, unknown>)[key], rest, junk) };
}

let server: TestServer;
let coach: Visitor;
let tries: readonly Try[];

beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'careless@saltmere.example'));
  tries = await everyBody(coach, 'careless@saltmere.example');
});
afterAll(() => server.close());

/** Sends a body as it is, readable JSON or not. */
const send = (visitor: Visitor, { route, id = randomUUID() }: Try, json: string) =>
  visitor.ask(route, id).type('application/json').send(json);

describe('whatever is sent', () => {
  it('is taken or refused with a problem, and never breaks the server: one thing spoilt in every kind of body', async () => {
    const broken: string[] = [];
    let refused = 0;
    await fc.assert(
      fc.asyncProperty(fc.nat(), fc.nat(), fc.constantFrom(...JUNK), async (which, where, junk) => {
        const chosen = tries[which % tries.length];
        if (!chosen) throw new Error('There is nothing to try.');
        const places = placesIn(chosen.body);
        const path = places[where % places.length] ?? [];
        const json = JSON.stringify(spoilt(chosen.body, path, junk)) as string | undefined;
        const answer = await send(coach, chosen, json ?? '');
        if (answer.status >= 500) {
          broken.push(`${chosen.route.path} ${path.join('.')} = ${JSON.stringify(junk).slice(0, 60)}: ${answer.text}`);
        }
        if (answer.status >= 400) {
          refused += 1;
          expect(answer.type).toBe(PROBLEM_MEDIA_TYPE);
          expect(JSON.parse(answer.text)).toMatchObject({ status: answer.status, title: expect.any(String) });
        }
      }),
      { numRuns: 1500 },
    );
    expect(broken).toEqual([]);
    expect(refused).toBeGreaterThan(500);
    expect(server.logged()).not.toContain('request failed');
  });

  it('is refused where it is no JSON at all, or nested without end', async () => {
    const deep = `${'['.repeat(50_000)}${']'.repeat(50_000)}`;
    for (const chosen of tries) {
      for (const text of ['{', '"', 'null', '[1', '{"a":}', '\u0000', deep]) {
        const answer = await send(coach, chosen, text);
        expect([400, 413, 422, 429], `${chosen.route.path} ${text.slice(0, 20)}`).toContain(answer.status);
        expect(answer.type).toBe(PROBLEM_MEDIA_TYPE);
      }
    }
  });

  it('names the field that is wrong', async () => {
    const chosen = tries.find(({ route }) => route === ADDRESSES.addRun);
    if (!chosen) throw new Error('There is no run to try.');
    const answer = await send(coach, chosen, JSON.stringify(spoilt(chosen.body, ['turns', 0, 'actual'], -1)));
    expect(answer.status).toBe(422);
    expect(JSON.parse(answer.text)).toMatchObject({ errors: [{ path: '/turns/0/actual' }] });
  });
});

describe('whatever is asked for', () => {
  it.each(['%00', 'a%00b', '..%2f..', "'--", '%ff', 'x'.repeat(3000)])('by the id %s is not there', async (id) => {
    for (const route of Object.values<Address>(ADDRESSES)) {
      if (!route.path.includes(':id') || route.method === 'PUT') continue;
      const { method, path } = route;
      const answer = await coach.ask({ method, path: path.replace(':id', id), access: 'coach' }).send();
      expect([400, 404], `${method} ${path}`).toContain(answer.status);
    }
  });

  it.each([
    ['from', 'yesterday'],
    ['from', '\u0000'],
    ['to', '2026-02-30T00:00:00.000Z'],
    ['to', '+275760-09-13T00:00:00.001Z'],
    ['other', '1'],
  ])('with %s %s in the address is refused', async (name, value) => {
    const span = { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z', [name]: value };
    const answer = await coach.ask(ADDRESSES.sessions).query(span);
    expect([422]).toContain(answer.status);
  });

  it('at an address that is none is not found, with a problem', async () => {
    const answer = await coach.ask({ method: 'GET', path: '/api/nothing/here', access: 'anybody' });
    expect([answer.status, answer.type]).toEqual([404, PROBLEM_MEDIA_TYPE]);
  });
});
