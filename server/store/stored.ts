import { check } from '@prompt-spark/contract/check';
import { SCHEMA_VERSIONS, type DocumentKind } from '@prompt-spark/contract/documents';
import { upgrade } from '@prompt-spark/contract/upgrade';
import type { Unreadable } from '@prompt-spark/contract/page';
import type Joi from 'joi';

/** Something that is stored cannot be opened. The message says which fields are wrong, without what is in them. */
export class NotReadable extends Error {}

/** A document with the schema version it was kept with. */
export interface Stamped {
  readonly document: unknown;
  readonly schemaVersion: number;
}

/**
 * A stored document. One that was checked against today's schema as it came in is trusted; an older one is brought up to
 * date and checked.
 *
 * @throws NotReadable
 */
export function readDocument<T>(kind: DocumentKind, schema: Joi.Schema<T>, { document, schemaVersion }: Stamped): T {
  // The one place where what is stored gets its type: its stamp says that it passed this very schema.
  if (schemaVersion === SCHEMA_VERSIONS[kind]) return document as T;
  const checked = check(schema, upgrade(kind, document, schemaVersion));
  if (checked.ok) return checked.value;
  const fields = checked.errors.map(({ path }) => path || '/').join(', ');
  throw new NotReadable(`A stored ${kind} does not fit its schema at ${fields}.`);
}

/** What could be read of a list, and what could not, with why. */
export interface ReadList<T> {
  readonly read: readonly T[];
  readonly unreadable: readonly UnreadableRow[];
}

export interface UnreadableRow extends Unreadable {
  readonly why: string;
}

/** Reads the rows of a list, each by itself: one that cannot be opened does not take the others with it. */
export function readEach<Row extends { readonly id: string }, T>(
  rows: readonly Row[],
  read: (row: Row) => T,
): ReadList<T> {
  const good: T[] = [];
  const unreadable: UnreadableRow[] = [];
  for (const row of rows) {
    try {
      good.push(read(row));
    } catch (error) {
      if (!(error instanceof NotReadable)) throw error;
      unreadable.push({ id: row.id, why: error.message });
    }
  }
  return { read: good, unreadable };
}
