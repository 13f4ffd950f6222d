import { ADDRESSES } from '@prompt-spark/contract/addresses';
import type { CoachedPeople } from '@prompt-spark/contract/person';
import { testPerson } from '@prompt-spark/core/testing/people';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ringInFile, ringOf } from '../health/keyRing.ts';
import { mustHaveKeys, WrongHealthKey } from '../store/healthKeys.ts';
import { resealAll } from '../store/reseal.ts';
import { healthKeyCheck, person } from '../schema/tables.ts';
import { signedInCoach, TEST_HEALTH_KEYS, testServer, type TestServer } from '../testing/studio.ts';

const { id: _, ...nobody } = testPerson({ name: 'Ebba Quay' });

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('a health key that is another than before', () => {
  it('is refused, says what to do, and changes nothing', async () => {
    const { database } = server.connection;
    await mustHaveKeys(database, TEST_HEALTH_KEYS);
    await mustHaveKeys(database, TEST_HEALTH_KEYS);
    const other = ringOf([randomBytes(32)]);
    await expect(mustHaveKeys(database, other)).rejects.toThrow(WrongHealthKey);
    await expect(mustHaveKeys(database, other)).rejects.toThrow(/Give this server the key that was in use before/);
    // A new key in front of the right one has to come by rotation too.
    const inFront = ringOf([randomBytes(32), TEST_HEALTH_KEYS.newest().bytes]);
    await expect(mustHaveKeys(database, inFront)).rejects.toThrow('bin/rotate-keys');
    expect(await database.select().from(healthKeyCheck)).toHaveLength(1);
  });

  it('is found in a database of before check values, by what is sealed there', async () => {
    const older = await testServer();
    const { coach } = await signedInCoach(older, 'older@saltmere.example');
    await coach.ask(ADDRESSES.savePerson, randomUUID()).send({ version: null, groupIds: [], document: nobody });
    const { database } = older.connection;
    await expect(mustHaveKeys(database, ringOf([randomBytes(32)]))).rejects.toThrow(WrongHealthKey);
    await mustHaveKeys(database, TEST_HEALTH_KEYS);
    await older.close();
  });

  it('is told from the first one where two servers begin at once', async () => {
    const both = await testServer();
    const { database } = both.connection;
    const begun = await Promise.allSettled(
      [1, 2].map((key) => mustHaveKeys(database, ringOf([Buffer.alloc(32, key)]))),
    );
    expect(begun.map(({ status }) => status).toSorted()).toEqual(['fulfilled', 'rejected']);
    await both.close();
  });
});

describe('keys that are rotated', () => {
  it('seal everything anew while a server runs and people are changed, and the old key is not needed after', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'prompt-spark-keys-'));
    const file = join(folder, 'health-key');
    const [old, fresh] = [randomBytes(32), randomBytes(32)];
    writeFileSync(file, old.toString('base64'));
    const keys = ringInFile(file);
    const running = await testServer(undefined, { healthKeys: keys });
    const { database } = running.connection;
    await mustHaveKeys(database, keys);
    const { coach } = await signedInCoach(running, 'rotating@saltmere.example');
    const ids = Array.from({ length: 30 }, () => randomUUID());
    for (const id of ids) {
      await coach.ask(ADDRESSES.savePerson, id).send({ version: null, groupIds: [], document: nobody }).expect(200);
    }
    const hold = { since: '2026-11-01', why: 'red flag', clearedBy: '', clearedOn: '' };
    const held = randomUUID();
    const heldDocument = { ...nobody, name: 'Ragna Firth', holds: [hold] };
    await coach
      .ask(ADDRESSES.savePerson, held)
      .send({ version: null, groupIds: [], document: heldDocument })
      .expect(200);
    await coach.ask(ADDRESSES.deletePerson, held).expect(204);

    writeFileSync(`${file}.new`, `${fresh.toString('base64')}\n${old.toString('base64')}\n`);
    renameSync(`${file}.new`, file);
    const sealing = resealAll(database, ringInFile(file), 50);
    // The coach goes on meanwhile.
    for (const id of ids) {
      await coach
        .ask(ADDRESSES.savePerson, id)
        .send({ version: 1, groupIds: [], document: { ...nobody, notes: 'Seen' } })
        .expect(200);
    }
    await sealing;
    const rows = await database.select().from(person);
    const { id: freshId } = ringOf([fresh]).newest();
    expect(rows.every(({ sealed }) => sealed.startsWith(`${freshId}.`))).toBe(true);
    expect((await database.select().from(healthKeyCheck)).map(({ keyId }) => keyId)).toEqual([freshId]);

    const only = ringOf([fresh]);
    await mustHaveKeys(database, only);
    writeFileSync(file, fresh.toString('base64'));
    const { people, unreadable } = (await coach.ask(ADDRESSES.people).expect(200)).body as CoachedPeople;
    expect([people.length, unreadable]).toEqual([30, []]);
    expect(people.every(({ document }) => document.notes === 'Seen')).toBe(true);
    // What was left of somebody who was held is found by their name still.
    const again = await coach
      .ask(ADDRESSES.savePerson, randomUUID())
      .send({ version: null, groupIds: [], document: { ...nobody, name: 'ragna  firth' } });
    expect(again.body).toMatchObject({ document: { holds: [hold] } });
    await running.close();
    rmSync(folder, { recursive: true });
  });
});
