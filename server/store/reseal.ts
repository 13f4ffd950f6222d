import { and, eq, not, like, sql } from 'drizzle-orm';
import { leftHold, person } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { nameDigest, type KeyRing } from '../health/keyRing.ts';
import { forgetOtherKeys, noteKey } from './healthKeys.ts';
import { leftHoldOwner, ownerOf } from '../health/owner.ts';
import { seal, unseal } from '../health/seal.ts';
import type { LeftHold } from './leftHolds.ts';

const BATCH = 200;
/** A server that read its key just before it changed has written within this time. */
const SETTLE_MS = 3_000;

/**
 * Seals everything anew with the newest key of a ring, while servers run: each row only if nobody changed it meanwhile,
 * until nothing is left that another key sealed. The check values of the others are forgotten then.
 *
 * @returns how many records were sealed anew
 * @throws Error where a record does not open; what was done by then stays good
 */
export async function resealAll(database: Database, ring: KeyRing, settleMs = SETTLE_MS): Promise<number> {
  await noteKey(database, ring.newest());
  let sealed = 0;
  for (let quiet = 0; quiet < 2;) {
    const fresh = (await resealPeople(database, ring)) + (await resealLeftHolds(database, ring));
    sealed += fresh;
    quiet = fresh === 0 ? quiet + 1 : 0;
    if (quiet === 1) await new Promise((resolve) => setTimeout(resolve, settleMs));
  }
  await forgetOtherKeys(database, ring.newest());
  return sealed;
}

async function resealPeople(database: Database, ring: KeyRing): Promise<number> {
  const { id: keyId } = ring.newest();
  let done = 0;
  for (;;) {
    const rows = await database
      .select({ id: person.id, studioId: person.studioId, sealed: person.sealed })
      .from(person)
      .where(not(like(person.sealed, `${keyId}.%`)))
      .limit(BATCH);
    if (rows.length === 0) return done;
    for (const { id, studioId, sealed } of rows) {
      const owner = ownerOf(studioId, id);
      const fresh = seal(ring, owner, unseal(ring, owner, sealed));
      await database
        .update(person)
        .set({ sealed: fresh })
        .where(and(eq(person.id, id), eq(person.sealed, sealed)));
      done += 1;
    }
  }
}

/** The digests of names are made with the key too. */
async function resealLeftHolds(database: Database, ring: KeyRing): Promise<number> {
  const { id: keyId } = ring.newest();
  const rows = await database
    .select()
    .from(leftHold)
    .where(sql`${leftHold.sealed} not like ${`${keyId}.%`}`);
  for (const { studioId, nameDigest: digest, sealed } of rows) {
    const owner = leftHoldOwner(studioId);
    const left = unseal(ring, owner, sealed) as LeftHold;
    await database
      .update(leftHold)
      .set({ sealed: seal(ring, owner, left), nameDigest: nameDigest(ring.newest(), studioId, left.name) })
      .where(and(eq(leftHold.studioId, studioId), eq(leftHold.nameDigest, digest)));
  }
  return rows.length;
}
