import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { StudioPlaces } from '@prompt-spark/contract/studio';
import { testPerson } from '@prompt-spark/core/testing/people';
import { eq, sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { get } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readEnvironment } from '../environment.ts';
import { newMetrics, serveMetrics } from '../http/metrics.ts';
import { openDatabase } from '../store/database.ts';
import { personAccess, signInTry } from '../schema/tables.ts';
import { newCircuit, PASSWORD, signedInCoach, testServer, Visitor, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer(undefined, { trustProxy: 1 });
});
afterAll(() => server.close());

const signIn = (email: string, password: string, from: string) =>
  new Visitor(server).ask(ADDRESSES.signIn).set('X-Forwarded-For', from).send({ email, password });

describe('behind a proxy', () => {
  it('gives a cookie that goes by TLS only wherever the outside is TLS', async () => {
    await signedInCoach(server, 'tls@saltmere.example');
    const cookie = async (protocol: string) => {
      const answer = await new Visitor(server)
        .ask(ADDRESSES.signIn)
        .set('X-Forwarded-Proto', protocol)
        .send({ email: 'tls@saltmere.example', password: PASSWORD });
      return answer.headers['set-cookie']?.[0] ?? '';
    };
    expect(await cookie('https')).toContain('; Secure');
    expect(await cookie('http')).not.toContain('; Secure');
  });

  it('is not believed where none is trusted', async () => {
    const bare = await testServer();
    await signedInCoach(bare, 'bare@saltmere.example');
    const answer = await new Visitor(bare)
      .ask(ADDRESSES.signIn)
      .set('X-Forwarded-Proto', 'https')
      .send({ email: 'bare@saltmere.example', password: PASSWORD });
    expect(answer.headers['set-cookie']?.[0]).not.toContain('; Secure');
    await bare.close();
  });

  it('shuts out an address that guesses, and nobody at another', async () => {
    await signedInCoach(server, 'guessed@saltmere.example');
    for (let turn = 0; turn < 50; turn += 1) {
      const answer = await signIn(`nobody-${String(turn)}@saltmere.example`, 'wrong', '198.51.100.7');
      expect(answer.status).toBe(401);
    }
    expect((await signIn('guessed@saltmere.example', PASSWORD, '198.51.100.7')).status).toBe(429);
    expect((await signIn('guessed@saltmere.example', PASSWORD, '198.51.100.8')).status).toBe(200);
  });

  it('shuts a stranger out of an account after ten wrong passwords, and not the one whose it is', async () => {
    await signedInCoach(server, 'owner@saltmere.example');
    for (let turn = 0; turn < 10; turn += 1) {
      expect((await signIn('owner@saltmere.example', 'wrong', '203.0.113.5')).status).toBe(401);
    }
    expect((await signIn('owner@saltmere.example', PASSWORD, '203.0.113.5')).status).toBe(429);
    expect((await signIn('owner@saltmere.example', PASSWORD, '203.0.113.6')).status).toBe(200);
  });

  it('is told from the environment as a number of proxies or their addresses, and never as everybody', () => {
    const variables = (TRUST_PROXY: string) => ({
      DATABASE_URL: 'postgresql://a@b/c',
      SESSION_SECRET: 'x'.repeat(32),
      HEALTH_KEY: Buffer.alloc(32).toString('base64'),
      TRUST_PROXY,
    });
    expect(readEnvironment(variables('')).trustProxy).toBeUndefined();
    expect(readEnvironment(variables('2')).trustProxy).toBe(2);
    expect(readEnvironment(variables('loopback, 10.0.0.0/8')).trustProxy).toBe('loopback, 10.0.0.0/8');
    expect(readEnvironment(variables('fd00::/8')).trustProxy).toBe('fd00::/8');
    for (const wrong of ['true', '0', 'everybody'])
      expect(() => readEnvironment(variables(wrong))).toThrow('TRUST_PROXY');
  });
});

describe('what is kept about requests', () => {
  it('forgets tries to sign in whose time is over', async () => {
    const { database } = server.connection;
    await signIn('once@saltmere.example', 'wrong', '192.0.2.1');
    await database.update(signInTry).set({ resetsAt: sql`now() - interval '1 hour'` });
    await signIn('later@saltmere.example', 'wrong', '192.0.2.2');
    const kept = await database.select().from(signInTry);
    expect(kept.every(({ resetsAt }) => resetsAt > new Date())).toBe(true);
    expect(kept.length).toBe(3);
  });

  it('costs a signed-in coach two queries beside the request’s own, and writes nothing', async () => {
    const { coach } = await signedInCoach(server, 'counted@saltmere.example');
    await coach.ask(ADDRESSES.addCircuit).send(newCircuit()).expect(201);
    await coach.ask(ADDRESSES.circuits).expect(200);
    const { pool } = server.connection;
    const asked: string[] = [];
    const query = pool.query.bind(pool);
    const counted = (...parts: Parameters<typeof query>) => {
      const [first] = parts as readonly unknown[];
      asked.push(typeof first === 'string' ? first : ((first as { text?: string }).text ?? ''));
      return query(...parts);
    };
    pool.query = counted as typeof pool.query;
    await coach.ask(ADDRESSES.drills).expect(200);
    pool.query = query;
    expect(asked).toHaveLength(3);
    expect(asked.filter((text) => !/^select/i.test(text.trim()))).toEqual([]);
  });

  it('carries an id that is in the log too', async () => {
    const answer = await new Visitor(server).ask(ADDRESSES.welcome).expect(200);
    const id = answer.headers['x-request-id'] ?? '';
    expect(id).toMatch(/^[0-9a-f-]{36}$/);
    expect(server.logged()).toContain(id);
  });
});

describe('a studio that is opened', () => {
  it('is in the time zone of the coach, not of the server', async () => {
    const visitor = new Visitor(server);
    const studio = { studioName: 'Far Quay', coachName: 'Ebba', email: 'far@saltmere.example', password: PASSWORD };
    await visitor
      .ask(ADDRESSES.openStudio)
      .send({ ...studio, timeZone: 'Pacific/Auckland' })
      .expect(201);
    const { sites } = (await visitor.ask(ADDRESSES.places).expect(200)).body as StudioPlaces;
    expect(sites.map(({ timeZone }) => timeZone)).toEqual(['Pacific/Auckland']);
    const nowhere = { ...studio, email: 'nowhere@saltmere.example', timeZone: 'Saltmere/Quay' };
    await new Visitor(server).ask(ADDRESSES.openStudio).send(nowhere).expect(422);
  });
});

describe('a person', () => {
  const { id: _, ...document } = testPerson({ name: 'Ebba Quay' });

  it('who is deleted is in the access record, which says by whom', async () => {
    const { coach, account } = await signedInCoach(server, 'deleter@saltmere.example');
    const id = randomUUID();
    await coach.ask(ADDRESSES.savePerson, id).send({ version: null, groupIds: [], document }).expect(200);
    await coach.ask(ADDRESSES.deletePerson, id).expect(204);
    const rows = await server.connection.database.select().from(personAccess).where(eq(personAccess.personId, id));
    expect(rows.map(({ action, coachId }) => [action, coachId])).toEqual([
      ['added', account.coachId],
      ['deleted', account.coachId],
    ]);
  });

  it('keeps no choices for days that are past, nor for slots and circuits that are no more', async () => {
    const { coach } = await signedInCoach(server, 'choices@saltmere.example');
    const circuit = newCircuit();
    await coach.ask(ADDRESSES.addCircuit).send(circuit).expect(201);
    const slotId = circuit.circuit.blocks[0]?.lines[0]?.id ?? '';
    const choice = {
      circuitId: circuit.id,
      slotId,
      drillId: 'cat-cow',
      variantId: 'base',
      day: '',
      answeredBy: '',
      answeredOn: '',
    };
    const choices = [
      choice,
      { ...choice, day: '2031-05-01' },
      { ...choice, day: '2020-05-01' },
      { ...choice, slotId: 'long gone' },
      { ...choice, circuitId: randomUUID() },
    ];
    const id = randomUUID();
    const { body } = await coach
      .ask(ADDRESSES.savePerson, id)
      .send({ version: null, groupIds: [], document: { ...document, choices } })
      .expect(200);
    expect(body).toMatchObject({ document: { choices: choices.slice(0, 2) } });
  });

  it('has one id, however it is spelt', async () => {
    const { coach } = await signedInCoach(server, 'spelling@saltmere.example');
    const id = randomUUID();
    await coach.ask(ADDRESSES.savePerson, id.toUpperCase()).send({ version: null, groupIds: [], document }).expect(200);
    const { body } = await coach.ask(ADDRESSES.people).expect(200);
    expect(body).toMatchObject({ people: [{ id }], unreadable: [] });
    await coach.ask(ADDRESSES.savePerson, `{${id}}`).send({ version: 1, groupIds: [], document }).expect(404);
  });
});

describe('a page', () => {
  const folder = mkdtempSync(join(tmpdir(), 'pages-'));
  mkdirSync(join(folder, '.vite'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(join(folder, 'index.html'), '<head><meta content="%CSP_NONCE%"><!-- page --></head>');
  writeFileSync(
    join(folder, '.vite/manifest.json'),
    JSON.stringify({
      'index.html': { file: 'assets/base.js', imports: ['_shared.js'] },
      '_shared.js': { file: 'assets/shared.js' },
      'today/TodayPage.vue': {
        file: 'assets/today.js',
        imports: ['_shared.js', '_card.js'],
        css: ['assets/today.css'],
      },
      '_card.js': { file: 'assets/card.js' },
    }),
  );
  const page = (visitor: Visitor, path: string) => visitor.ask({ method: 'GET', path, access: 'anybody' });

  it('comes with who is signed in and with what it is made of, each file once', async () => {
    const served = await testServer(undefined, { webFolder: folder });
    const coach = new Visitor(served);
    const opened = await coach.ask(ADDRESSES.openStudio).send({
      studioName: 'A studio </script><b> & $1',
      coachName: 'Ottoline Crake',
      email: 'page@saltmere.example',
      password: PASSWORD,
      timeZone: 'Europe/London',
    });
    const account: unknown = opened.body;
    const { text, headers } = await page(coach, '/today').expect(200);
    expect(JSON.parse(/id="welcome">(.*?)<\/script>/.exec(text)?.[1] ?? '')).toEqual({ account, demoOpen: false });
    expect([...text.matchAll(/href="([^"]*)"/g)].map(([, file]) => file).toSorted()).toEqual([
      '/assets/card.js',
      '/assets/today.css',
      '/assets/today.js',
    ]);
    const nonce = /content="([^"]*)"/.exec(text)?.[1] ?? '';
    expect(nonce).not.toBe('');
    expect(headers['content-security-policy']).toContain(`'nonce-${nonce}'`);
    expect((await page(new Visitor(served), '/anything').expect(200)).text).toContain('"account":null');
    await served.close();
  });

  it('is never sent as the file that it is made of, with its places empty', async () => {
    const served = await testServer(undefined, { webFolder: folder });
    const answer = await page(new Visitor(served), '/index.html').expect(301);
    expect(answer.headers['location']).toBe('/');
    expect(answer.text).not.toContain('%CSP_NONCE%');
    expect((await page(new Visitor(served), '/').expect(200)).text).not.toContain('%CSP_NONCE%');
    await served.close();
  });

  it('comes with files as small as the browser can unpack, which it may keep for good', async () => {
    const script = 'export const board = "Dead bug";\n'.repeat(40);
    writeFileSync(join(folder, 'assets/board.js'), script);
    writeFileSync(join(folder, 'assets/board.js.br'), brotliCompressSync(script));
    writeFileSync(join(folder, 'assets/board.js.gz'), gzipSync(script));
    const served = await testServer(undefined, { webFolder: folder });
    const ask = (encodings: string) =>
      page(new Visitor(served), '/assets/board.js').set('Accept-Encoding', encodings).buffer(true).expect(200);
    for (const [encodings, sent] of [
      ['gzip, deflate, br, zstd', 'br'],
      ['gzip, deflate', 'gzip'],
      ['identity', undefined],
    ] as const) {
      const { headers, text } = await ask(encodings);
      expect([headers['content-encoding'], headers['vary']]).toEqual([sent, 'Accept-Encoding']);
      expect(headers['content-type']).toMatch(/^text\/javascript/);
      expect(headers['cache-control']).toBe('public, max-age=31536000, immutable');
      expect(text).toBe(script);
    }
    await page(new Visitor(served), '/assets/other.js').expect(404);
    await served.close();
  });

  it('is there while the database is away, and asks again by itself', async () => {
    const served = await testServer(undefined, { webFolder: folder });
    await served.close();
    const { text } = await page(new Visitor(served), '/today').set('Cookie', 'prompt-spark=s%3Aone.two').expect(200);
    expect(text).not.toContain('id="welcome"');
  });
});

describe('what watches over the server', () => {
  it('is told whether it runs and whether it can answer', async () => {
    const visitor = new Visitor(server);
    const ask = (path: string, of = visitor) => of.ask({ method: 'GET', path, access: 'anybody' });
    await ask('/healthz').expect(200);
    await ask('/readyz').expect(200);
    const stopping = await testServer(undefined, { isStopping: () => true });
    await ask('/healthz', new Visitor(stopping)).expect(200);
    await ask('/readyz', new Visitor(stopping)).expect(503);
    await stopping.close();
    // Without its database it still runs, and says it is not ready.
    await ask('/healthz', new Visitor(stopping)).expect(200);
    await ask('/readyz', new Visitor(stopping)).expect(503);
  });

  it('reads figures on a port of their own, by endpoint and never by address', async () => {
    const metrics = newMetrics();
    const measured = await testServer(undefined, { metrics });
    const { coach } = await signedInCoach(measured, 'measured@saltmere.example');
    const id = randomUUID();
    await coach.ask(ADDRESSES.circuit, id).expect(404);
    await coach.ask({ method: 'GET', path: '/metrics', access: 'anybody' }).expect(404);
    const served = serveMetrics(metrics, '127.0.0.1', 0);
    await new Promise((resolve) => served.once('listening', resolve));
    const { port } = served.address() as AddressInfo;
    const text = await new Promise<string>((resolve) => {
      get({ port, path: '/metrics' }, (response) => {
        let read = '';
        response.on('data', (chunk: Buffer) => (read += chunk.toString()));
        response.on('end', () => resolve(read));
      });
    });
    expect(text).toMatch(/http_request_duration_seconds_count\{endpoint="circuit",status="404"\} 1/);
    expect(text).toContain('process_cpu_user_seconds_total');
    expect(text).not.toContain(id);
    served.close();
    await measured.close();
  });

  it('does not wait for a statement that takes the database too long', async () => {
    const connection = openDatabase(server.url, { statementMs: 100 });
    await expect(connection.pool.query('select pg_sleep(20)')).rejects.toThrow('statement timeout');
    await connection.close();
  });
});
