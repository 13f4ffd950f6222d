import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import { testPerson } from '@prompt-spark/core/testing/people';
import { eq } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownerOf } from '../health/owner.ts';
import { seal } from '../health/seal.ts';
import { person } from '../schema/tables.ts';
import { findUnopened } from '../store/unopened.ts';
import { newCircuit, signedInCoach, TEST_HEALTH_KEYS, testServer, type TestServer } from '../testing/studio.ts';

const { id: _, ...nobody } = testPerson({ name: 'Ebba Quay' });
const SPELLINGS: readonly (readonly [string, (id: string) => string])[] = [
  ['capitals', (id) => id.toUpperCase()],
  ['braces', (id) => `{${id}}`],
  ['no dashes', (id) => id.replaceAll('-', '')],
  ['capitals in braces without dashes', (id) => `{${id.toUpperCase().replaceAll('-', '')}}`],
  ['a prefix', (id) => `urn:uuid:${id}`],
];

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('an id in another spelling', () => {
  it.each(SPELLINGS)('with %s saves nobody whom nobody can read, and breaks no list', async (_how, spell) => {
    const { coach } = await signedInCoach(server, `${randomUUID()}@saltmere.example`);
    const id = randomUUID();
    const { status } = await coach
      .ask(ADDRESSES.savePerson, spell(id))
      .send({ version: null, groupIds: [], document: nobody });
    const { people, unreadable } = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    expect(unreadable).toEqual([]);
    expect(people.map((one) => one.id)).toEqual(status === 200 ? [id] : []);
    expect([200, 404]).toContain(status);
    const circuit = newCircuit();
    const added = await coach.ask(ADDRESSES.addCircuit).send({ ...circuit, id: spell(circuit.id) });
    expect([201, 422]).toContain(added.status);
    await coach.ask(ADDRESSES.exportPeople).expect(200);
    await coach.ask(ADDRESSES.importPeople).send({ csv: 'name\nRagna Firth' }).expect(200);
  });
});

describe('what an earlier version kept under another spelling', () => {
  it.each(SPELLINGS.slice(0, 4))(
    'with %s is found and mended at start; what cannot be opened is named, and can be deleted',
    async (_how, spell) => {
      const { coach, account } = await signedInCoach(server, `${randomUUID()}@saltmere.example`);
      const { database } = server.connection;
      const [odd, damaged] = [randomUUID(), randomUUID()];
      for (const id of [odd, damaged]) {
        await coach.ask(ADDRESSES.savePerson, id).send({ version: null, groupIds: [], document: nobody }).expect(200);
      }
      const sealed = (owner: string) => seal(TEST_HEALTH_KEYS, owner, nobody);
      await database
        .update(person)
        .set({ sealed: sealed(ownerOf(account.studioId, spell(odd))) })
        .where(eq(person.id, odd));
      await database
        .update(person)
        .set({ sealed: sealed('somebody else') })
        .where(eq(person.id, damaged));
      const before = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
      expect(before.unreadable.map(({ id }) => id).toSorted()).toEqual([odd, damaged].toSorted());
      const found = await findUnopened(database, TEST_HEALTH_KEYS);
      expect([found.mended, found.ids]).toEqual([1, [damaged]]);
      const after = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
      expect([after.people.map(({ id }) => id), after.unreadable]).toEqual([[odd], [{ id: damaged }]]);
      await coach.ask(ADDRESSES.deletePerson, damaged).expect(204);
      expect(((await coach.ask(ADDRESSES.people)).body as CoachedPeople).unreadable).toEqual([]);
    },
  );
});
