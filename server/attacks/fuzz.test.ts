import { often } from '@prompt-spark/core/testing/often';
import { ADDRESSES, type Address, type EndpointName } from '@prompt-spark/contract/addresses';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { Agent, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { endpointAt, everyBody, type Try } from '../testing/everyBody.ts';
import { PASSWORD, signedInCoach, testServer, type TestServer, type Visitor } from '../testing/studio.ts';
import { leastStallOf } from './stall.ts';

/** Bodies in all, over every endpoint; and requests that are under way at one time. */
const BODIES = often(4_000, 20_000);
const AT_ONCE = 16;
const STALL_LIMIT_MS = 100;
/** It is to end, on the slowest machine too. */
const PATIENCE_MS = 900_000;

let server: TestServer;
let http: Server;
let port: number;
let cookie: string;
let coach: Visitor;
let tries: readonly Try[];

beforeAll(async () => {
  server = await testServer();
  ({ coach } = await signedInCoach(server, 'fuzzed@saltmere.example'));
  tries = await everyBody(coach, 'fuzzed@saltmere.example');
  http = server.app.listen(0, '127.0.0.1');
  await new Promise((resolve) => http.once('listening', resolve));
  ({ port } = http.address() as AddressInfo);
  const signedIn = await ask(
    'POST',
    '/api/account/sign-in',
    JSON.stringify({ email: 'fuzzed@saltmere.example', password: PASSWORD }),
    {
      'Content-Type': 'application/json',
    },
  );
  cookie = signedIn.cookie;
});
afterAll(async () => {
  agent.destroy();
  http.close();
  await server.close();
});

const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });

interface Answer {
  readonly status: number;
  readonly bytes: number;
  readonly cookie: string;
}

/** Sends bytes as they are: what a browser would never send is what this is about. */
function ask(
  method: string,
  path: string,
  body: string | Buffer,
  headers: Readonly<Record<string, string>>,
): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const sending = request(
      {
        host: '127.0.0.1',
        port,
        method,
        path,
        agent,
        headers: {
          'Sec-Fetch-Site': 'same-origin',
          ...(cookie ? { Cookie: cookie } : {}),
          ...headers,
          'Content-Length': Buffer.byteLength(body),
        },
      },
      (response) => {
        let bytes = 0;
        response.on('data', (chunk: Buffer) => (bytes += chunk.length));
        response.on('end', () =>
          resolve({
            status: response.statusCode ?? 0,
            bytes,
            cookie: (response.headers['set-cookie'] ?? []).map((one) => one.split(';')[0]).join('; '),
          }),
        );
      },
    );
    // A server that answers before all was sent may close: that is an answer too, but of no status.
    sending.on('error', (error: NodeJS.ErrnoException) =>
      error.code === 'EPIPE' || error.code === 'ECONNRESET'
        ? resolve({ status: 0, bytes: 0, cookie: '' })
        : reject(error),
    );
    sending.end(body);
  });
}

/** An id that nothing has, or in a spelling that nothing should have. */
const oddId = fc.oneof(
  fc.uuid(),
  fc.uuid().map((id) => id.toUpperCase()),
  fc.uuid().map((id) => `{${id}}`),
  fc.uuid().map((id) => id.replaceAll('-', '')),
  fc.constantFrom('%00', '..%2f..', '%ff', '%', 'null', '0', '-1', 'x'.repeat(300), '%F0%9F%94%A5', "'%20or%201=1--"),
);

const contentType = fc.oneof(
  { weight: 8, arbitrary: fc.constantFrom('application/json', 'application/json; charset=utf-8') },
  {
    weight: 2,
    arbitrary: fc.constantFrom(
      'application/json; charset=utf-16le',
      'application/json; charset=klingon',
      'application/json; charset="',
      'text/plain',
      'application/x-www-form-urlencoded',
      'multipart/form-data; boundary=x',
      '',
    ),
  },
);

const junk = fc.oneof(
  fc.jsonValue({ maxDepth: 6 }),
  fc.constantFrom<unknown>(
    null,
    -0,
    1e308,
    '\u0000',
    '\ud800',
    'x'.repeat(10_000),
    '2026-13-45',
    '+275760-09-13T00:00:00.000Z',
    [],
    {},
    [[[[]]]],
  ),
  fc.integer({ min: 1, max: 5_000 }).map((length) => Array.from({ length }, () => ({}))),
  fc.string({ unit: 'binary', maxLength: 200 }),
);

/** A good body with something odd put in somewhere, or bytes that are no body at all. */
const bodyOf = (good: object) =>
  fc.oneof(
    { weight: 6, arbitrary: fc.tuple(fc.nat(), junk).map(([where, odd]) => JSON.stringify(withOdd(good, where, odd))) },
    { weight: 1, arbitrary: junk.map((odd) => JSON.stringify(odd)) },
    { weight: 1, arbitrary: fc.nat({ max: 300 }).map((cut) => JSON.stringify(good).slice(0, cut)) },
    { weight: 1, arbitrary: fc.uint8Array({ maxLength: 400 }).map((bytes) => Buffer.from(bytes)) },
  );

/** A body with one of its places, counted through all of them, replaced. */
function withOdd(body: object, where: number, odd: unknown): unknown {
  const text = JSON.stringify(body);
  let count = 0;
  JSON.parse(text, (_key, value: unknown) => ((count += 1), value));
  const target = where % count;
  let at = 0;
  return JSON.parse(text, (_key, value: unknown) => (at++ === target ? odd : value));
}

it(
  `takes ${String(BODIES)} bodies on every endpoint without falling, stalling, or losing a list`,
  async () => {
    const good = new Map<EndpointName, object>(tries.map(({ route, body }) => [endpointAt(route), body]));
    const routes = Object.entries<Address>(ADDRESSES).filter(([name]) => name !== 'signOut') as [
      EndpointName,
      Address,
    ][];
    const one = fc
      .tuple(fc.constantFrom(...routes), oddId, contentType, fc.boolean())
      .chain(([[name, route], id, type, odd]) =>
        bodyOf(good.get(name) ?? { any: 'thing' }).map((body) => ({ route, id: odd ? id : randomUUID(), type, body })),
      );
    const all = fc.sample(one, { numRuns: BODIES });
    const statuses = new Map<number, number>();
    const broken: string[] = [];
    const stalls: number[] = [];
    for (let from = 0; from < all.length; from += AT_ONCE) {
      const some = all.slice(from, from + AT_ONCE);
      // Limits would shield what is behind them.
      await server.connection.pool.query('delete from sign_in_try');
      const { result, stall } = await leastStallOf(
        () =>
          Promise.all(
            some.map(({ route, id, type, body }) =>
              ask(route.method, route.path.replace(':id', id), body, {
                ...(type === '' ? {} : { 'Content-Type': type }),
                // Signing in under a cookie would end the signing-in that the others go by.
                ...(route.access === 'coach' ? {} : { Cookie: '' }),
              }),
            ),
          ),
        STALL_LIMIT_MS,
      );
      stalls.push(stall);
      result.forEach(({ status, bytes }, at) => {
        statuses.set(status, (statuses.get(status) ?? 0) + 1);
        if (status >= 500 || bytes > 200_000)
          broken.push(`${JSON.stringify(some[at]).slice(0, 300)}: ${String(status)}, ${String(bytes)} bytes`);
      });
    }
    expect(broken.slice(0, 5)).toEqual([]);
    expect(stalls.filter((stall) => stall > STALL_LIMIT_MS)).toEqual([]);
    // The fuzz is worth something only if it gets through to what it is after.
    expect((statuses.get(422) ?? 0) + (statuses.get(200) ?? 0) + (statuses.get(201) ?? 0)).toBeGreaterThan(BODIES / 4);
    expect(server.logged()).not.toContain('request failed');
    await server.connection.pool.query('delete from sign_in_try');
    const span = { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z' };
    for (const list of ['circuits', 'people', 'runs', 'drills', 'standards', 'places', 'exportPeople'] as const) {
      const answer = await coach.ask(ADDRESSES[list]).expect(200);
      expect(JSON.stringify(answer.body)).not.toMatch(/"unreadable":\[\{/);
    }
    await coach.ask(ADDRESSES.sessions).query(span).expect(200);
  },
  PATIENCE_MS,
);
