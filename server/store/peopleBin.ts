import type { BinEntry } from '@prompt-spark/contract/bin';
import { BIN_DAYS } from '@prompt-spark/core/schedule/bounds';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import type { KeyRing } from '../health/keyRing.ts';
import { person } from '../schema/tables.ts';
import { note } from './accessRecord.ts';
import type { Asker } from './asker.ts';
import type { Database } from './database.ts';
import { leaveHolds } from './leftHolds.ts';
import { coachedBy, personRow, recordOf, recordsOf } from './people.ts';

/**
 * Takes somebody out: they stay stored, sealed, and nobody sees them but in the bin of those who coach them. A hold that
 * nobody lifted is left behind, so that to add them anew does not get rid of it. False where there is no such person.
 */
export function takeOutPerson(database: Database, key: KeyRing, asker: Asker, id: string): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const row = await personRow(transaction, asker, id);
    if (!row) return false;
    const record = await recordOf(transaction, key, row);
    if (record) await leaveHolds(transaction, key, asker.studioId, record.document);
    await transaction
      .update(person)
      .set({ takenOutAt: sql`now()` })
      .where(and(eq(person.studioId, asker.studioId), eq(person.id, id)));
    await note(transaction, asker, 'removed', [id]);
    return true;
  });
}

/** Brings somebody back who was taken out, as they were. False where there is nobody to bring back. */
export function bringBackPerson(database: Database, asker: Asker, id: string): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const back = await transaction
      .update(person)
      .set({ takenOutAt: null })
      .where(and(coachedBy(transaction, asker), eq(person.id, id), isNotNull(person.takenOutAt)))
      .returning({ id: person.id });
    if (back.length > 0) await note(transaction, asker, 'restored', [id]);
    return back.length > 0;
  });
}

/** People that a coach coaches and who were taken out in the last days, last first; with all of these words in their name. */
export async function peopleInBin(
  database: Database,
  key: KeyRing,
  asker: Asker,
  find = '',
): Promise<readonly BinEntry[]> {
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const since = sql`${person.takenOutAt} > now() - interval '1 day' * ${BIN_DAYS}`;
  const rows = await database
    .select()
    .from(person)
    .where(and(coachedBy(database, asker), since))
    .orderBy(desc(person.takenOutAt));
  const { read } = await recordsOf(database, key, rows);
  const names = new Map(read.map(({ id, document }) => [id, document.name]));
  return rows.flatMap(({ id, takenOutAt }): readonly BinEntry[] => {
    const title = names.get(id);
    if (title === undefined || !takenOutAt) return [];
    if (!words.every((word) => title.toLowerCase().includes(word))) return [];
    return [{ kind: 'person', id, title, at: null, takenOutAt: takenOutAt.toISOString() }];
  });
}
