import { and, asc, eq, gt } from 'drizzle-orm';
import type { KeyRing } from '../health/keyRing.ts';
import { ownerOf } from '../health/owner.ts';
import { opens, seal, unseal } from '../health/seal.ts';
import { person } from '../schema/tables.ts';
import type { Database } from './database.ts';

const BATCH = 200;

/** What was found among the sealed records: those that do not open, and how many were mended. */
export interface Unopened {
  readonly ids: readonly string[];
  readonly mended: number;
}

/**
 * Opens every sealed record once, a batch at a time. One that was kept under another spelling of its id, as an earlier
 * version let happen, is sealed anew under the one that the database gives back; what does not open is named.
 */
export async function findUnopened(database: Database, ring: KeyRing): Promise<Unopened> {
  const ids: string[] = [];
  let mended = 0;
  let after: string | undefined;
  for (;;) {
    const rows = await database
      .select({ id: person.id, studioId: person.studioId, sealed: person.sealed })
      .from(person)
      .where(after === undefined ? undefined : gt(person.id, after))
      .orderBy(asc(person.id))
      .limit(BATCH);
    if (rows.length === 0) return { ids, mended };
    for (const row of rows) {
      if (opens(ring, ownerOf(row.studioId, row.id), row.sealed)) continue;
      const owner = spellingsOf(row.id)
        .map((id) => ownerOf(row.studioId, id))
        .find((one) => opens(ring, one, row.sealed));
      if (owner === undefined) ids.push(row.id);
      else {
        const fresh = seal(ring, ownerOf(row.studioId, row.id), unseal(ring, owner, row.sealed));
        await database
          .update(person)
          .set({ sealed: fresh })
          .where(and(eq(person.id, row.id), eq(person.sealed, row.sealed)));
        mended += 1;
      }
    }
    after = rows.at(-1)?.id;
    await new Promise((resolve) => setImmediate(resolve));
  }
}

/** Other spellings of an id, which the database takes for the same. */
function spellingsOf(id: string): readonly string[] {
  const plain = [id, id.toUpperCase()];
  return [...plain, ...plain.map((one) => one.replaceAll('-', ''))].flatMap((one) => [one, `{${one}}`]);
}
