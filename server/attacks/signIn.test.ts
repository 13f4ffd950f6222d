import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { testPerson } from '@prompt-spark/core/testing/people';
import { randomUUID } from 'node:crypto';
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { LONGEST_MS } from '../http/signedIn.ts';
import {
  newCircuit,
  newSession,
  PASSWORD,
  signedInCoach,
  testServer,
  Visitor,
  type TestServer,
} from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  // One proxy in front is believed, so that a test can come from many addresses.
  server = await testServer(undefined, { trustProxy: 1 });
});
afterAll(() => server.close());
afterEach(() => vi.restoreAllMocks());

const from = (address: string) => ({ 'X-Forwarded-For': address });
const studio = (email: string, password = PASSWORD) => ({
  studioName: 'Slip',
  coachName: 'Ebba Quay',
  email,
  password,
  timeZone: 'UTC',
});

describe('somebody who knows an e-mail', () => {
  it('cannot lock its owner out: not at the browser they use, and not anywhere else', async () => {
    const email = 'owner@saltmere.example';
    const owner = new Visitor(server);
    await owner.ask(ADDRESSES.openStudio).set(from('198.51.100.1')).send(studio(email)).expect(201);
    await owner.ask(ADDRESSES.signOut).expect(204);
    const stranger = new Visitor(server);
    const guess = (address: string) =>
      stranger.ask(ADDRESSES.signIn).set(from(address)).send({ email, password: 'a guess of many' });
    for (let tries = 0; tries < 12; tries += 1) await guess('198.51.100.1');
    for (let net = 0; net < 12; net += 1) await guess(`203.0.113.${String(net)}`);
    // From the very address that is shut for others: a browser that is known.
    await owner.ask(ADDRESSES.signIn).set(from('198.51.100.1')).send({ email, password: PASSWORD }).expect(200);
    // And from a browser that nobody knows, somewhere else.
    await new Visitor(server)
      .ask(ADDRESSES.signIn)
      .set(from('192.0.2.77'))
      .send({ email, password: PASSWORD })
      .expect(200);
    expect((await guess('198.51.100.1')).status).toBe(429);
  });

  it('is made slower and slower wherever they guess from', async () => {
    const email = 'slow@saltmere.example';
    const guess = async (net: number) => {
      const start = performance.now();
      await new Visitor(server)
        .ask(ADDRESSES.signIn)
        .set(from(`203.0.112.${String(net)}`))
        .send({ email, password: 'a guess of many' });
      return performance.now() - start;
    };
    for (let net = 0; net < 20; net += 1) await guess(net);
    // The sixth beyond the twentieth waits for a second and a half.
    for (let net = 20; net < 25; net += 1) await guess(net);
    expect(await guess(25)).toBeGreaterThan(1_400);
  });
});

describe('a password', () => {
  it('that everybody tries first is refused, with what to do', async () => {
    for (const password of ['password123', 'Qwertyuiop', 'ebba quay slip']) {
      const answer = await new Visitor(server)
        .ask(ADDRESSES.openStudio)
        .set(from('192.0.2.50'))
        .send(studio(`${randomUUID()}@saltmere.example`, password));
      expect(answer.status, password).toBe(422);
      expect(answer.text).toContain('easily guessed');
    }
  });

  it('is asked for once more before health data is taken out or deleted, when it was given long ago', async () => {
    const { coach } = await signedInCoach(server, 'careful@saltmere.example');
    const id = randomUUID();
    const { id: _, ...document } = testPerson({ name: 'Ebba Quay' });
    await coach.ask(ADDRESSES.savePerson, id).send({ version: null, groupIds: [], document }).expect(200);
    const now = Date.now();
    vi.spyOn(Date, 'now').mockReturnValue(now + 11 * 60_000);
    for (const ask of [() => coach.ask(ADDRESSES.exportPeople), () => coach.ask(ADDRESSES.deletePerson, id)]) {
      const answer = await ask();
      expect([answer.status, JSON.parse(answer.text)]).toMatchObject([403, { title: 'Password needed' }]);
    }
    await coach.ask(ADDRESSES.confirmPassword).send({ password: 'another' }).expect(403);
    await coach.ask(ADDRESSES.exportPeople).expect(403);
    await coach.ask(ADDRESSES.confirmPassword).send({ password: PASSWORD }).expect(204);
    await coach.ask(ADDRESSES.exportPeople).expect(200);
    await coach.ask(ADDRESSES.deletePerson, id).expect(204);
  });
});

describe('a signing-in', () => {
  it('ends, however much it is used', async () => {
    const { coach } = await signedInCoach(server, 'long@saltmere.example');
    const began = (ago: number) =>
      server.connection.pool.query(
        `update sign_in set sess = jsonb_set(sess::jsonb, '{since}', to_jsonb($1::float8))::json`,
        [Date.now() - ago],
      );
    await began(LONGEST_MS - 60_000);
    await coach.ask(ADDRESSES.circuits).expect(200);
    await began(LONGEST_MS + 1_000);
    await coach.ask(ADDRESSES.circuits).expect(401);
  });

  it('leaves nothing of itself in the browser when it is ended', async () => {
    const { coach } = await signedInCoach(server, 'leaves@saltmere.example');
    const answer = await coach.ask(ADDRESSES.signOut).expect(204);
    expect(answer.headers['clear-site-data']).toBe('"cache"');
    await coach.ask(ADDRESSES.circuits).expect(401);
  });
});

describe('what anybody may do', () => {
  it('is bounded for an address: studios', async () => {
    const statuses: number[] = [];
    for (let made = 0; made < 22; made += 1) {
      const answer = await new Visitor(server)
        .ask(ADDRESSES.openStudio)
        .set(from('192.0.2.200'))
        .send(studio(`${randomUUID()}@saltmere.example`));
      statuses.push(answer.status);
    }
    expect(statuses.filter((status) => status === 201)).toHaveLength(20);
    expect(statuses.slice(-2)).toEqual([429, 429]);
  });

  it('is bounded for a studio: files', async () => {
    const { coach } = await signedInCoach(server, 'files@saltmere.example');
    const statuses: number[] = [];
    for (let file = 0; file < 61; file += 1) statuses.push((await coach.ask(ADDRESSES.exportPeople)).status);
    expect(statuses.slice(0, 60).every((status) => status === 200)).toBe(true);
    expect(statuses[60]).toBe(429);
  });
});

describe('what is asked for that cannot be', () => {
  it.each([
    '/api/circuits/%E0%A4%A',
    '/api/circuits/..%2f..%2fetc',
    '/api/circuits/%00',
    '/api/sessions?from=+275760-09-13T00:00:00.000Z&to=+275760-09-13T00:00:00.000Z',
    '/api/sessions?from=-271821-04-20T00:00:00.000Z&to=9999-12-31T23:59:59.999Z',
    '/api/runs?from=0001-01-01T00:00:00.000Z&to=275760-09-13T00:00:00.000Z',
    '/api/runs?after=AAAA',
    '/api/people?after=AAAA',
    `/api/circuits?find=${'%25'.repeat(39)}`,
    `/api/circuits?${'a=1&'.repeat(900)}`,
    '/assets/%2e%2e%2f%2e%2e%2fpackage.json',
  ])('(%#) is answered as the asker’s doing', async (path) => {
    const { coach } = await signedInCoach(server, `${randomUUID()}@saltmere.example`);
    const answer = await coach.ask({ method: 'GET', path, access: 'anybody' });
    expect(answer.status).toBeLessThan(500);
  });

  it('with dates out of range in a body is too', async () => {
    const { coach } = await signedInCoach(server, 'dates@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    for (const startsAt of ['+275760-09-13T00:00:00.000Z', '-271821-04-20T00:00:00.000Z', '0000-01-01T00:00:00.000Z']) {
      const session = newSession(circuit.id, { startsAt });
      const answer = await coach.ask(ADDRESSES.addSession).send(session);
      expect(answer.status, startsAt).toBeLessThan(500);
    }
    expect(server.logged()).not.toContain('request failed');
  });
});

describe('what a page is sent with', () => {
  it('says what it may use, and what scripts may make of text; by TLS, that it stays so', async () => {
    const plain = await new Visitor(server).ask({ method: 'GET', path: '/api/account', access: 'anybody' });
    expect(plain.headers['permissions-policy']).toContain('camera=()');
    expect(plain.headers['content-security-policy']).toContain("require-trusted-types-for 'script'");
    expect(plain.headers['strict-transport-security']).toBeUndefined();
    const secure = await new Visitor(server)
      .ask({ method: 'GET', path: '/api/account', access: 'anybody' })
      .set('X-Forwarded-Proto', 'https');
    expect(secure.headers['strict-transport-security']).toContain('max-age=');
  });

  it('names whom to tell of a weakness where somebody is named (RFC 9116)', async () => {
    const path = { method: 'GET', path: '/.well-known/security.txt', access: 'anybody' } as const;
    await new Visitor(server).ask(path).expect(404);
    const named = await testServer(undefined, { securityContact: 'mailto:safe@saltmere.example' });
    const { text } = await new Visitor(named).ask(path).expect(200);
    expect(text).toMatch(/^Contact: mailto:safe@saltmere\.example\nExpires: \d{4}-\d\d-\d\dT[\d:.]+Z\n/);
    await named.close();
  });
});
