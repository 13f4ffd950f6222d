import { asc, sql } from 'drizzle-orm';
import { healthKeyCheck, person } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { ownerOf } from '../health/owner.ts';
import { checkValueOf, type HealthKey, type KeyRing } from '../health/keyRing.ts';
import { keyIdOf, opens } from '../health/seal.ts';

const WHAT_TO_DO =
  'Nothing was changed. Give this server the key that was in use before, from your copy or from the other server: the ' +
  'file health-key in its data folder, or HEALTH_KEY. Without it what is known of people stays sealed. To change keys: bin/rotate-keys.';

/** A server has not the keys that its database was sealed with. It says what to do, and must not start. */
export class WrongHealthKey extends Error {}

/**
 * Sees to it that a server has the keys its database is sealed with, before it serves anybody. The first server notes a
 * check value of its key; a lost key, or a second server with a key of its own, is found by that.
 *
 * @throws WrongHealthKey
 */
export async function mustHaveKeys(database: Database, ring: KeyRing): Promise<void> {
  const known = await database.select().from(healthKeyCheck).orderBy(asc(healthKeyCheck.madeAt));
  if (known.length === 0) return noteFirst(database, ring);
  for (const { keyId, check } of known) {
    const key = ring.byId(keyId);
    if (!key || checkValueOf(key) !== check) {
      throw new WrongHealthKey(
        `The health key is not the one that this database is sealed with (${keyId}). ${WHAT_TO_DO}`,
      );
    }
  }
  const newest = ring.newest();
  if (!known.some(({ keyId }) => keyId === newest.id)) {
    throw new WrongHealthKey(`The health key ${newest.id} is unknown to this database. ${WHAT_TO_DO}`);
  }
}

/** A database of before check values, or a new one. What is sealed there must open. */
async function noteFirst(database: Database, ring: KeyRing): Promise<void> {
  const [sealed] = await database.select().from(person).limit(1);
  if (sealed && !opens(ring, ownerOf(sealed.studioId, sealed.id), sealed.sealed)) {
    throw new WrongHealthKey(`The health key is not the one that this database is sealed with. ${WHAT_TO_DO}`);
  }
  const first = sealed && keyIdOf(sealed.sealed) === undefined ? ring.oldest() : ring.newest();
  await noteKey(database, first);
  // Two servers may start at once: whose key was noted first counts.
  const [noted] = await database.select().from(healthKeyCheck).orderBy(asc(healthKeyCheck.madeAt)).limit(1);
  if (noted && !ring.byId(noted.keyId)) {
    throw new WrongHealthKey(`Another server began with another health key (${noted.keyId}). ${WHAT_TO_DO}`);
  }
}

/** Notes the check value of a key. A second first key is not noted: see mustHaveKeys. */
export async function noteKey(database: Database, key: HealthKey): Promise<void> {
  await database
    .insert(healthKeyCheck)
    .values({ keyId: key.id, check: checkValueOf(key) })
    .onConflictDoNothing();
}

/** Forgets the check values of keys that nothing is sealed with any more. */
export async function forgetOtherKeys(database: Database, key: HealthKey): Promise<void> {
  await database.delete(healthKeyCheck).where(sql`${healthKeyCheck.keyId} <> ${key.id}`);
}
