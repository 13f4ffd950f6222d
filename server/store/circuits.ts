import {
  circuitRecordSchema,
  type CircuitRecord,
  type CircuitSave,
  type NewCircuit,
} from '@prompt-spark/contract/circuit';
import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { circuit } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { trusted } from './trusted.ts';

type Row = typeof circuit.$inferSelect;

/** A stored row as it travels. */
export function circuitRecord(row: Row): CircuitRecord {
  const { id, version, savedAt, groupId, siteId, document } = row;
  return trusted(circuitRecordSchema, {
    id,
    version,
    savedAt: savedAt.toISOString(),
    groupId,
    siteId,
    circuit: document,
  });
}

/** Every circuit of a studio that has not been taken out, last saved first. */
export async function circuitsOf(database: Database, studioId: string): Promise<readonly CircuitRecord[]> {
  const rows = await database
    .select()
    .from(circuit)
    .where(and(eq(circuit.studioId, studioId), isNull(circuit.takenOutAt)))
    .orderBy(desc(circuit.savedAt), circuit.id);
  return rows.map(circuitRecord);
}

/** One circuit, taken out or not: a session in the book may still need it. */
export async function circuitOf(database: Database, studioId: string, id: string): Promise<CircuitRecord | undefined> {
  const row = await rowOf(database, studioId, id);
  return row && circuitRecord(row);
}

/** Adds a circuit. Adding the same one again changes nothing; undefined where the id is another studio's. */
export async function addCircuit(
  database: Database,
  studioId: string,
  { id, groupId, siteId, circuit: document }: NewCircuit,
): Promise<CircuitRecord | undefined> {
  await database
    .insert(circuit)
    .values({ id, studioId, version: 1, saveId: id, groupId, siteId, document })
    .onConflictDoNothing();
  return circuitOf(database, studioId, id);
}

/** What came of a save: kept, made on an older version, or no such circuit. */
export type SaveResult =
  | { readonly kind: 'kept'; readonly record: CircuitRecord }
  | { readonly kind: 'outdated'; readonly current: CircuitRecord }
  | { readonly kind: 'missing' };

/** Saves a change made on a version. The same save sent again is kept once and answered the same. */
export async function saveCircuit(
  database: Database,
  studioId: string,
  id: string,
  { version, saveId, groupId, siteId, circuit: document }: CircuitSave,
): Promise<SaveResult> {
  const [kept] = await database
    .update(circuit)
    .set({ version: version + 1, saveId, groupId, siteId, document, savedAt: sql`now()` })
    .where(and(eq(circuit.studioId, studioId), eq(circuit.id, id), eq(circuit.version, version)))
    .returning();
  if (kept) return { kind: 'kept', record: circuitRecord(kept) };
  const present = await rowOf(database, studioId, id);
  if (!present) return { kind: 'missing' };
  const record = circuitRecord(present);
  return present.saveId === saveId ? { kind: 'kept', record } : { kind: 'outdated', current: record };
}

/** Takes a circuit out of the list. False where there is none to take out. */
export async function takeOutCircuit(database: Database, studioId: string, id: string): Promise<boolean> {
  const rows = await database
    .update(circuit)
    .set({ takenOutAt: sql`now()` })
    .where(and(eq(circuit.studioId, studioId), eq(circuit.id, id), isNull(circuit.takenOutAt)))
    .returning({ id: circuit.id });
  return rows.length > 0;
}

/** Brings a circuit back that was taken out. Undefined where there is none to bring back. */
export async function bringBackCircuit(
  database: Database,
  studioId: string,
  id: string,
): Promise<CircuitRecord | undefined> {
  const [row] = await database
    .update(circuit)
    .set({ takenOutAt: null })
    .where(and(eq(circuit.studioId, studioId), eq(circuit.id, id), isNotNull(circuit.takenOutAt)))
    .returning();
  return row && circuitRecord(row);
}

async function rowOf(database: Database, studioId: string, id: string): Promise<Row | undefined> {
  const [row] = await database
    .select()
    .from(circuit)
    .where(and(eq(circuit.studioId, studioId), eq(circuit.id, id)));
  return row;
}
