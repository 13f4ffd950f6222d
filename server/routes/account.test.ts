import { ADDRESSES } from '@prompt-spark/contract/addresses';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { coach as coachTable, signIn } from '../schema/tables.ts';
import { PASSWORD, signedInCoach, testServer, Visitor, type TestServer } from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('signing in', () => {
  it('gives a cookie that scripts and other sites cannot use, and a row that names the studio', async () => {
    const { account } = await signedInCoach(server, 'tidemark@saltmere.example');
    const visitor = new Visitor(server);
    const answer = await visitor.ask(ADDRESSES.signIn).send({ email: 'TIDEMARK@saltmere.example', password: PASSWORD });
    expect(answer.status).toBe(200);
    expect(answer.headers['set-cookie']?.[0]).toMatch(/HttpOnly.*SameSite=Strict/);
    expect(answer.body).toEqual(account);
    const rows = await server.connection.database.select().from(signIn).where(eq(signIn.studioId, account.studioId));
    expect(rows).toHaveLength(2);
  });

  it('keeps passwords as argon2id hashes only', async () => {
    await signedInCoach(server, 'hash@saltmere.example');
    const [row] = await server.connection.database
      .select()
      .from(coachTable)
      .where(eq(coachTable.email, 'hash@saltmere.example'));
    expect(row?.passwordHash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
  });

  it('says the same for a wrong password and for an e-mail nobody has', async () => {
    await signedInCoach(server, 'known@saltmere.example');
    const ask = (email: string) => new Visitor(server).ask(ADDRESSES.signIn).send({ email, password: 'not the one' });
    const [wrong, nobody] = [await ask('known@saltmere.example'), await ask('unknown@saltmere.example')];
    expect(wrong.status).toBe(401);
    expect(nobody.status).toBe(401);
    expect(wrong.text).toBe(nobody.text);
  });

  it('points at every field that is wrong', async () => {
    const answer = await new Visitor(server).ask(ADDRESSES.signIn).send({ email: 'no address' });
    expect(answer.status).toBe(422);
    const { errors } = JSON.parse(answer.text) as { errors: { path: string }[] };
    expect(errors.map(({ path }) => path)).toEqual(['/email', '/password']);
  });

  it('is shut for a quarter of an hour after ten wrong tries on one e-mail, even for the right password', async () => {
    await signedInCoach(server, 'guessed@saltmere.example');
    const ask = (password: string) =>
      new Visitor(server).ask(ADDRESSES.signIn).send({ email: 'guessed@saltmere.example', password });
    for (let turn = 0; turn < 10; turn += 1) expect((await ask('wrong')).status).toBe(401);
    const shut = await ask(PASSWORD);
    expect(shut.status).toBe(429);
    expect(shut.type).toBe('application/problem+json');
    await signedInCoach(server, 'another@saltmere.example');
  });

  it('ends with signing out: the same cookie opens nothing', async () => {
    const { coach } = await signedInCoach(server, 'leaving@saltmere.example');
    await coach.ask(ADDRESSES.circuits).expect(200);
    await coach.ask(ADDRESSES.signOut).expect(204);
    await coach.ask(ADDRESSES.circuits).expect(401);
  });

  it('of a coach who is no more is told before anything that is wrong with what was sent', async () => {
    const { coach, account } = await signedInCoach(server, 'gone@saltmere.example');
    await coach.ask(ADDRESSES.addCircuit).send({ nothing: 'of a circuit' }).expect(422);
    await server.connection.pool.query('delete from coach where id = $1', [account.coachId]);
    await coach.ask(ADDRESSES.addCircuit).send({ nothing: 'of a circuit' }).expect(401);
  });
});

describe('opening a studio', () => {
  const studio = {
    studioName: 'Net Loft',
    coachName: 'Perran Voss',
    email: 'net@saltmere.example',
    password: PASSWORD,
    timeZone: 'Pacific/Auckland',
  };

  it('signs its coach in, with a site to begin with', async () => {
    const visitor = new Visitor(server);
    await visitor.ask(ADDRESSES.openStudio).send(studio).expect(201);
    expect((await visitor.ask(ADDRESSES.welcome)).body).toMatchObject({
      account: { studioName: 'Net Loft', isDemo: false },
    });
    expect((await visitor.ask(ADDRESSES.places)).body).toMatchObject({ sites: [{ name: 'Main floor' }], groups: [] });
  });

  it('is refused for an e-mail in use, and for a short password', async () => {
    const taken = await new Visitor(server).ask(ADDRESSES.openStudio).send({ ...studio, studioName: 'Other loft' });
    expect(taken.status).toBe(409);
    const short = await new Visitor(server)
      .ask(ADDRESSES.openStudio)
      .send({ ...studio, email: 'b@c.de', password: 'short' });
    expect(short.status).toBe(422);
    expect(JSON.parse(short.text)).toMatchObject({ errors: [{ path: '/password' }] });
  });
});

describe('the demo studio', () => {
  it('cannot be entered where there is none', async () => {
    const visitor = new Visitor(server);
    expect((await visitor.ask(ADDRESSES.welcome)).body).toEqual({ account: null, demoOpen: false });
    await visitor.ask(ADDRESSES.enterDemo).expect(404);
  });
});

describe('the log', () => {
  it('names method, path and status, and never a body, a query or a cookie', async () => {
    await signedInCoach(server, 'logged@saltmere.example');
    await new Visitor(server).ask(ADDRESSES.sessions).query({ from: 'secret-query' });
    const logged = server.logged();
    expect(logged).toContain('"path":"/api/account/sign-in"');
    expect(logged).toContain('"status":200');
    for (const secret of [PASSWORD, 'logged@saltmere.example', 'secret-query', 'prompt-spark=']) {
      expect(logged).not.toContain(secret);
    }
  });
});

describe('every answer', () => {
  it('carries a strict content security policy and gives away no framework', async () => {
    const { headers } = await new Visitor(server).ask(ADDRESSES.welcome);
    expect(headers['content-security-policy']).toContain("default-src 'none'");
    expect(headers['content-security-policy']).toContain("script-src 'self';");
    expect(headers['content-security-policy']).not.toContain('unsafe');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
  });

  it('to an address that is none is a problem', async () => {
    const answer = await new Visitor(server).ask({ method: 'GET', path: '/api/nothing', access: 'anybody' });
    expect(answer.status).toBe(404);
    expect(answer.type).toBe('application/problem+json');
  });
});
