import { catalogue } from '@prompt-spark/catalogue';
import type { StudioPlaces } from '@prompt-spark/contract/studio';
import { ADDRESSES, type Address, type EndpointName } from '@prompt-spark/contract/addresses';
import { openApiDocument } from '@prompt-spark/contract/openApi';
import { USUAL_TIMES } from '@prompt-spark/core/occasion/trade';
import { APPROACHES } from '@prompt-spark/core/approach/approaches';
import { MAIN_SESSIONS } from '@prompt-spark/core/approach/mainSessions';
import { MEASURES } from '@prompt-spark/core/measures/measure';
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { testPerson } from '@prompt-spark/core/testing/people';
import { Validator } from '@seriousme/openapi-schema-validator';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { documentedOperations } from '../testing/openApi.ts';
import {
  newCircuit,
  newRun,
  newMove,
  newSession,
  PASSWORD,
  signedInCoach,
  testServer,
  Visitor,
  type TestServer,
} from '../testing/studio.ts';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const operations = documentedOperations();

describe('the OpenAPI document', () => {
  it('is valid OpenAPI 3.1, for a validator from outside the project', async () => {
    const { valid, errors } = await new Validator().validate({ ...openApiDocument() });
    expect(errors ?? []).toEqual([]);
    expect(valid).toBe(true);
  });

  it('has every endpoint of the table, and none besides', () => {
    const documented = operations.map(({ method, path }) => `${method.toUpperCase()} ${path.replace('{id}', ':id')}`);
    expect(documented.toSorted()).toEqual(
      Object.values<Address>(ADDRESSES)
        .map(({ method, path }) => `${method} ${path}`)
        .toSorted(),
    );
  });

  it('is served, with a page to read it that asks for nothing elsewhere', async () => {
    const visitor = new Visitor(server);
    const get = (path: string) => visitor.ask({ method: 'GET', path, access: 'anybody' });
    expect((await get('/api/openapi.json').expect(200)).body).toEqual(JSON.parse(JSON.stringify(openApiDocument())));
    const page = await get('/api/docs').expect(200);
    const addresses = [...page.text.matchAll(/(?:src|href)="([^"]*)"/g)].map(([, address]) => address ?? '');
    expect(addresses.every((address) => address.startsWith('/'))).toBe(true);
    expect(page.headers['content-security-policy']).toContain("default-src 'none'");
    for (const address of addresses.filter((one) => one.startsWith('/api/docs/'))) await get(address).expect(200);
  });
});

describe('what it documents', () => {
  it('is what the server takes and answers: every endpoint is sent what its row says, as a reader would', async () => {
    const { coach } = await signedInCoach(server, 'documented@saltmere.example');
    const seen = new Map<string, Set<number>>();

    /** Sends something that the document allows, and holds the answer against the document. */
    async function send(
      name: EndpointName,
      expected: number,
      body?: object,
      id?: string,
      visitor = coach,
    ): Promise<unknown> {
      const operation = operations.find((one) => one.name === name);
      if (!operation) throw new Error(`${name} is not documented.`);
      if (body && operation.body && expected < 400) {
        expect(
          operation.body(JSON.parse(JSON.stringify(body))),
          `${name} ${JSON.stringify(operation.body.errors)}`,
        ).toBe(true);
      }
      const query = body && ADDRESSES[name].method === 'GET' ? body : {};
      const sending = visitor.ask(ADDRESSES[name], id).query(query);
      const response = await (ADDRESSES[name].method === 'GET' ? sending : sending.send(body));
      expect(response.status, `${name}: ${response.text}`).toBe(expected);
      expect(operation.statuses, name).toContain(expected);
      const answer = operation.answer(expected);
      const read: unknown = response.text === '' ? undefined : JSON.parse(response.text);
      if (answer) expect(answer(read), `${name} ${expected}: ${JSON.stringify(answer.errors)}`).toBe(true);
      else expect(read).toBeUndefined();
      seen.set(name, (seen.get(name) ?? new Set()).add(expected));
      return read;
    }

    const guest = new Visitor(server);
    await send('welcome', 200, undefined, undefined, guest);
    await send('enterDemo', 404, undefined, undefined, guest);
    await send('signIn', 401, { email: 'documented@saltmere.example', password: 'another' }, undefined, guest);
    await send('signIn', 200, { email: 'documented@saltmere.example', password: PASSWORD }, undefined, guest);
    await send('signOut', 204, undefined, undefined, guest);
    await send(
      'openStudio',
      201,
      { studioName: 'Slip', coachName: 'Ebba', email: 'slip@saltmere.example', password: PASSWORD, timeZone: 'UTC' },
      undefined,
      guest,
    );
    await send('circuits', 401, undefined, undefined, new Visitor(server));

    const { sites, coaches } = (await send('places', 200)) as StudioPlaces;
    const [{ id: siteId, version, ...site } = { id: '', version: 0 }] = sites;
    await send('saveSite', 200, { version, site }, siteId);
    await send('saveSite', 409, { version, site }, siteId);
    const groupId = randomUUID();
    await send('addGroup', 201, { id: groupId, name: 'Dusk' });
    await send('groupWork', 404, { from: '2026-11-01T00:00:00.000Z' }, randomUUID());

    const [first, second] = catalogue;
    if (!first || !second) throw new Error('The catalogue is empty.');
    const drill = { ...first, id: 'own-quay-reset', name: 'Quay reset', aliases: [] };
    await send('addDrill', 201, drill);
    await send('addDrill', 422, drill);
    await send('saveDrill', 200, { drill, version: 1 }, drill.id);
    await send('importDrills', 200, {
      csv: writeDrillCsv([{ ...second, id: 'own-b', name: 'Tide reset', aliases: [] }]),
    });
    await send('drills', 200);
    await send('takeOutDrill', 204, undefined, drill.id);
    await send('takeOutDrill', 404, undefined, drill.id);
    await send('bringBackDrill', 200, undefined, drill.id);

    await send('voices', 200);
    await send('speak', 200, { voice: 'en', speed: 165, pitch: 50, texts: ['Quay reset.'] });

    const sayingId = randomUUID();
    await send('keepPronunciation', 200, { written: 'psoas', spoken: 'so-as' }, sayingId);
    await send('pronunciations', 200);
    await send('forgetPronunciation', 204, undefined, sayingId);
    await send('forgetPronunciation', 404, undefined, sayingId);

    const word = { id: randomUUID(), said: 'quay hugs', drillId: 'arm-hugs', rung: '' };
    await send('teachWords', 200, { words: [word] });
    await send('words', 200);
    await send('forgetWord', 204, undefined, word.id);
    await send('forgetWord', 404, undefined, word.id);

    const { id: _, ...document } = testPerson({ name: 'Ebba Quay' });
    const personId = randomUUID();
    await send('savePerson', 200, { version: null, groupIds: [], document }, personId);
    await send('people', 200);
    await send('personAccess', 200, undefined, personId);
    const importId = randomUUID();
    await send('importPeople', 200, { csv: 'name\nRagna Firth\n', id: importId });
    await send('importPeople', 409, { csv: 'name\nRagna Firth\n', id: importId });
    const logId = randomUUID();
    const log = 'day,time,circuit,planned seconds,actual seconds\n';
    await send('importRuns', 200, { csv: log, id: logId });
    await send('importRuns', 409, { csv: log, id: logId });
    await send('importProgress', 200, undefined, importId);
    await send('callOffImport', 404, undefined, importId);
    await send('confirmPassword', 403, { password: 'another' });
    await send('confirmPassword', 204, { password: PASSWORD });
    await send('exportPeople', 200);
    await send('exportPerson', 200, undefined, personId);
    await send('takeOutPerson', 204, undefined, personId);
    await send('bringBackPerson', 204, undefined, personId);
    await send('bringBackPerson', 404, undefined, personId);
    await send('deletePerson', 204, undefined, personId);

    const approach = { ...APPROACHES[0], id: randomUUID(), name: 'Quay order' };
    await send('saveApproach', 200, { version: null, document: approach }, approach.id);
    await send('setDefaultApproach', 204, { id: approach.id });
    await send('setTimes', 204, { times: { ...USUAL_TIMES, talkKnown: 5 } });
    const session = { ...MAIN_SESSIONS[0], id: randomUUID(), name: 'Gig rowing', words: ['oars'] };
    await send('saveMainSession', 200, { version: null, document: session }, session.id);
    const measure = { ...MEASURES[0], id: randomUUID(), name: 'Heel drop' };
    await send('saveMeasure', 200, { version: null, document: measure }, measure.id);
    await send('standards', 200);
    await send('takeOutMeasure', 204, undefined, measure.id);
    await send('takeOutApproach', 204, undefined, approach.id);
    await send('takeOutMainSession', 204, undefined, session.id);

    const circuit = newCircuit(
      '# Quay\nraise\n  step jack 20s alt\nmobilise 2 rounds\n  cat-cow 6-8 @2-1-2\n  run 2 lengths',
    );
    const { id, ...draft } = circuit;
    await send('addCircuit', 201, circuit);
    await send('circuit', 200, undefined, id);
    await send('saveCircuit', 200, { ...draft, version: 1, saveId: randomUUID() }, id);
    await send('saveCircuit', 409, { ...draft, version: 1, saveId: randomUUID() }, id);
    await send('saveCircuit', 422, { ...draft, version: 0, saveId: randomUUID() }, id);
    await send('circuits', 200, { find: 'quay' });
    await send('takeOutCircuit', 204, undefined, id);
    await send('bringBackCircuit', 204, undefined, id);

    const booked = newSession(id);
    await send('addSession', 201, booked);
    await send('sessions', 200, { from: '2026-11-20T00:00:00.000Z', to: '2026-12-20T00:00:00.000Z' });
    await send('session', 200, undefined, booked.id);
    await send('moveSession', 204, newMove({ coachId: coaches[0]?.id ?? '' }), booked.id);
    const plan = { slots: { one: { kind: 'out' } }, blocks: { a: { rounds: 1, rest: 'half' } }, namesOnly: false };
    const picks = [{ blockId: 'a', slotIds: ['one'] }];
    await send('pickForSession', 204, { picks }, booked.id);
    await send('fitSession', 204, { fit: { seconds: 240, plan } }, booked.id);
    await send('session', 200, undefined, booked.id);
    await send('takeOutSession', 204, undefined, booked.id);
    await send('bringBackSession', 204, undefined, booked.id);

    const run = newRun(circuit, { sessionId: booked.id });
    await send('addRun', 201, run);
    await send('addRun', 200, run);
    await send('runs', 200, { circuit: id });
    await send('ownPace', 200);
    await send('runTurns', 200, undefined, run.id);
    await send('groupWork', 200, { from: '2026-11-01T00:00:00.000Z' }, groupId);
    await send('correctRun', 204, { effort: 5, warm: 'nearly', note: 'Cold hall.' }, run.id);
    await send('takeOutRun', 204, undefined, run.id);
    await send('bin', 200, { find: 'short' });
    await send('bringBackRun', 204, undefined, run.id);

    // Each was asked, and answered at least once as it usually does.
    const asked = [...seen]
      .filter(([, statuses]) => [...statuses].some((status) => status < 300))
      .map(([name]) => name);
    expect(Object.keys(ADDRESSES).filter((name) => !asked.includes(name))).toEqual(['enterDemo', 'callOffImport']);
  });
});
