import type { PersonDocument } from '@prompt-spark/contract/person';
import type { Hold } from '@prompt-spark/core/people/person';
import { keepsHolds } from '@prompt-spark/core/people/person';
import { and, eq, lt, sql } from 'drizzle-orm';
import { nameDigest, type KeyRing } from '../health/keyRing.ts';
import { leftHoldOwner } from '../health/owner.ts';
import { seal, unseal } from '../health/seal.ts';
import { leftHold } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** What stays of somebody who was deleted while held: their name and their holds, sealed. */
export interface LeftHold {
  readonly name: string;
  readonly holds: readonly Hold[];
}

/** A hold that nobody lifted is remembered this long. */
const REMEMBERED = sql`interval '2 years'`;

/** Remembers the holds of somebody who is deleted, where nobody lifted them. */
export async function leaveHolds(
  database: Database,
  ring: KeyRing,
  studioId: string,
  { name, holds }: Pick<PersonDocument, 'name' | 'holds'>,
): Promise<void> {
  await database.delete(leftHold).where(lt(leftHold.leftAt, sql`now() - ${REMEMBERED}`));
  const open = holds.filter(({ clearedOn }) => clearedOn === '');
  if (open.length === 0) return;
  const left: LeftHold = { name, holds: open };
  const sealed = seal(ring, leftHoldOwner(studioId), left);
  await database
    .insert(leftHold)
    .values({ studioId, nameDigest: nameDigest(ring.newest(), studioId, name), sealed })
    .onConflictDoUpdate({ target: [leftHold.studioId, leftHold.nameDigest], set: { sealed, leftAt: sql`now()` } });
}

/** Whether any holds were left in a studio. */
export async function anyLeftHolds(database: Database, studioId: string): Promise<boolean> {
  const rows = await database
    .select({ digest: leftHold.nameDigest })
    .from(leftHold)
    .where(eq(leftHold.studioId, studioId))
    .limit(1);
  return rows.length > 0;
}

/** Somebody who is added, with the holds that were left of somebody of their name. */
export async function withLeftHolds(
  database: Database,
  ring: KeyRing,
  studioId: string,
  document: PersonDocument,
): Promise<PersonDocument> {
  const [row] = await database
    .select({ sealed: leftHold.sealed })
    .from(leftHold)
    .where(
      and(eq(leftHold.studioId, studioId), eq(leftHold.nameDigest, nameDigest(ring.newest(), studioId, document.name))),
    );
  if (!row) return document;
  // Sealed by this very module: see leaveHolds.
  const { holds } = unseal(ring, leftHoldOwner(studioId), row.sealed) as LeftHold;
  const missing = holds.filter((hold) => !keepsHolds([hold], document.holds));
  return { ...document, holds: [...document.holds, ...missing] };
}

/** Forgets what was left of somebody of a name, once every hold of it was lifted. */
export async function forgetLifted(
  database: Database,
  ring: KeyRing,
  studioId: string,
  { name, holds }: Pick<PersonDocument, 'name' | 'holds'>,
): Promise<void> {
  if (holds.length === 0 || holds.some(({ clearedOn }) => clearedOn === '')) return;
  const digest = nameDigest(ring.newest(), studioId, name);
  await database.delete(leftHold).where(and(eq(leftHold.studioId, studioId), eq(leftHold.nameDigest, digest)));
}
