import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { Access, CoachedPeople } from '@prompt-spark/contract/person';
import { testPerson } from '@prompt-spark/core/testing/people';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { leftHold, personAccess } from '../schema/tables.ts';
import { signedInCoach, testServer, type TestServer } from '../testing/studio.ts';

const { id: _, ...nobody } = testPerson({ name: 'Ebba Quay', consentOn: '2026-11-01' });
const hold = { since: '2026-11-01', why: 'red flag', clearedBy: '', clearedOn: '' };
const held = { version: null, groupIds: [], document: { ...nobody, holds: [hold] } };

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

async function coachWith(email: string) {
  const { coach, account } = await signedInCoach(server, email);
  const save = async (id: string, body: object) => coach.ask(ADDRESSES.savePerson, id).send(body);
  const holdsOf = async (body: object) =>
    ((await save(randomUUID(), body)).body as { document: { holds: unknown[] } }).document.holds;
  return { coach, account, save, holdsOf };
}

describe('a hold', () => {
  it('is not got rid of by deleting somebody and adding them again, however their name is spaced', async () => {
    const { coach, save, holdsOf } = await coachWith('deletes@saltmere.example');
    const id = randomUUID();
    expect((await save(id, held)).status).toBe(200);
    await coach.ask(ADDRESSES.deletePerson, id).expect(204);
    expect(await holdsOf({ version: null, groupIds: [], document: { ...nobody, name: ' EBBA   quay' } })).toEqual([
      hold,
    ]);
  });

  it('is not got rid of by putting somebody into the bin and adding them again', async () => {
    const { coach, save, holdsOf } = await coachWith('bins@saltmere.example');
    const id = randomUUID();
    expect((await save(id, held)).status).toBe(200);
    await coach.ask(ADDRESSES.takeOutPerson, id).expect(204);
    expect(await holdsOf({ version: null, groupIds: [], document: nobody })).toEqual([hold]);
  });

  it('is not got rid of by taking them in from a file either', async () => {
    const { coach, save } = await coachWith('imports@saltmere.example');
    const id = randomUUID();
    await save(id, held);
    await coach.ask(ADDRESSES.deletePerson, id).expect(204);
    await coach
      .ask(ADDRESSES.importPeople)
      .send({ csv: 'name,consent on\nEbba Quay,2026-11-01\nRagna Firth,' })
      .expect(200);
    const { people } = (await coach.ask(ADDRESSES.people)).body as CoachedPeople;
    expect(people.map(({ document }) => [document.name, document.holds.length]).toSorted()).toEqual([
      ['Ebba Quay', 1],
      ['Ragna Firth', 0],
    ]);
  });

  it('that was lifted is gone with the person, and nobody is held by another studio’s', async () => {
    const { coach, save, holdsOf } = await coachWith('lifts@saltmere.example');
    const id = randomUUID();
    await save(id, held);
    const lifted = { ...hold, clearedBy: 'Dr Firth', clearedOn: '2026-11-20' };
    const after = { version: 1, groupIds: [], document: { ...nobody, holds: [lifted] } };
    expect((await save(id, after)).status).toBe(200);
    await coach.ask(ADDRESSES.deletePerson, id).expect(204);
    expect(await holdsOf({ version: null, groupIds: [], document: nobody })).toEqual([]);
    const other = await coachWith('elsewhere@saltmere.example');
    expect(await other.holdsOf({ version: null, groupIds: [], document: nobody })).toEqual([]);
  });

  it('that came back and was lifted does not come back again', async () => {
    const { coach, save, holdsOf } = await coachWith('once@saltmere.example');
    const [first, second] = [randomUUID(), randomUUID()];
    await save(first, held);
    await coach.ask(ADDRESSES.deletePerson, first).expect(204);
    await save(second, { version: null, groupIds: [], document: nobody });
    const lifted = { ...hold, clearedBy: 'Dr Firth', clearedOn: '2026-11-20' };
    await save(second, { version: 1, groupIds: [], document: { ...nobody, holds: [lifted] } });
    await coach.ask(ADDRESSES.deletePerson, second).expect(204);
    expect(await holdsOf({ version: null, groupIds: [], document: nobody })).toEqual([]);
  });

  it('is left without a name in plain words', async () => {
    const rows = await server.connection.database.select().from(leftHold);
    expect(rows.length).toBeGreaterThan(0);
    expect(JSON.stringify(rows)).not.toMatch(/ebba|red flag/i);
  });
});

describe('the access record', () => {
  it('has one line for all looks of a coach, and one a day for each thing done', async () => {
    const { coach, save } = await coachWith('looks@saltmere.example');
    const id = randomUUID();
    await save(id, { version: null, groupIds: [], document: nobody });
    for (let look = 0; look < 20; look += 1) await coach.ask(ADDRESSES.people).expect(200);
    for (let version = 1; version < 20; version += 1) await save(id, { version, groupIds: [], document: nobody });
    const accesses = (await coach.ask(ADDRESSES.personAccess, id).expect(200)).body as readonly Access[];
    expect(accesses.map(({ action, times }) => [action, times]).toSorted()).toEqual([
      ['added', 1],
      ['changed', 19],
      ['saw', 1],
    ]);
  });

  it('counts the days of looking', async () => {
    const { coach, account, save } = await coachWith('days@saltmere.example');
    const id = randomUUID();
    await save(id, { version: null, groupIds: [], document: nobody });
    for (let day = 0; day < 3; day += 1) {
      await coach.ask(ADDRESSES.people).expect(200);
      await server.connection.pool.query('update person_access set on_day = on_day - 1 where coach_id = $1', [
        account.coachId,
      ]);
    }
    const accesses = (await coach.ask(ADDRESSES.personAccess, id)).body as readonly Access[];
    expect(accesses.find(({ action }) => action === 'saw')?.times).toBe(3);
    expect(
      (await server.connection.database.select().from(personAccess)).filter(({ personId }) => personId === id),
    ).toHaveLength(2);
  });
});
