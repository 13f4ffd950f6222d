import { and, count, eq, isNull, sql } from 'drizzle-orm';
import { circuit, person, pronunciation, run, studio, studioDrill, word } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** A studio has as much of something as it may. The message is for the coach. */
export class NoRoom extends Error {}

/** What one studio may keep. Far above what the largest would come to, so that nobody's slip or malice fills the disk. */
export const QUOTAS = {
  people: 25_000,
  circuits: 10_000,
  drills: 5_000,
  runs: 500_000,
  words: 5_000,
  pronunciations: 500,
  circuitMegabytes: 200,
  /** Half a million runs of the usual length; people and drills are bounded by their number and the size of one. */
  logMegabytes: 2_000,
};

/**
 * Refuses where a studio would have more people than it may.
 *
 * @throws NoRoom
 */
export async function roomForPeople(database: Database, studioId: string, more: number): Promise<void> {
  const [{ there } = { there: 0 }] = await database
    .select({ there: count() })
    .from(person)
    .where(eq(person.studioId, studioId));
  mustFit(there + more, QUOTAS.people, 'people', 'Delete those who no longer come');
}

/** Refuses where a studio would have more drills of its own than it may. @throws NoRoom */
export async function roomForDrills(database: Database, studioId: string, more: number): Promise<void> {
  const [{ there } = { there: 0 }] = await database
    .select({ there: count() })
    .from(studioDrill)
    .where(and(eq(studioDrill.studioId, studioId), isNull(studioDrill.takenOutAt)));
  mustFit(there + more, QUOTAS.drills, 'drills of its own', 'Take out what nobody uses');
}

/** Refuses where a studio would have more words of its own than it may. @throws NoRoom */
export async function roomForWords(database: Database, studioId: string, more: number): Promise<void> {
  const [{ there } = { there: 0 }] = await database
    .select({ there: count() })
    .from(word)
    .where(eq(word.studioId, studioId));
  mustFit(there + more, QUOTAS.words, 'words of its own', 'Take out what nobody says');
}

/** Refuses where a studio's voice would say more words in a way of its own than it may. @throws NoRoom */
export async function roomForPronunciation(database: Database, studioId: string): Promise<void> {
  const [{ there } = { there: 0 }] = await database
    .select({ there: count() })
    .from(pronunciation)
    .where(eq(pronunciation.studioId, studioId));
  mustFit(there + 1, QUOTAS.pronunciations, 'words that are said in another way', 'Remove what is never said');
}

/** Refuses where a studio would have more circuits than it may, by number or by size, those taken out among them. @throws NoRoom */
export async function roomForCircuit(database: Database, studioId: string, more = 1): Promise<void> {
  const [{ there, bytes } = { there: 0, bytes: 0 }] = await database
    .select({ there: count(), bytes: sql<number>`coalesce(sum(pg_column_size(${circuit.document})), 0)::float8` })
    .from(circuit)
    .where(eq(circuit.studioId, studioId));
  mustFit(there + more, QUOTAS.circuits, 'circuits', 'Tell those who run the server');
  mustFit(Math.ceil(bytes / 1e6), QUOTAS.circuitMegabytes, 'megabytes of circuits', 'Tell those who run the server');
}

/** A save that is no longer than this needs no look at all the others: as many as there may be of them fit in. */
export const SMALL_SAVE = 65_536;

/** Refuses a large save where a studio's circuits come to more megabytes than they may. @throws NoRoom */
export async function roomForSave(database: Database, studioId: string, letters: number): Promise<void> {
  if (letters > SMALL_SAVE) await roomForCircuit(database, studioId, 0);
}

/** Refuses where a studio would have more runs in its log than it may, or more bytes of them; counts the bytes. @throws NoRoom */
export async function roomForRuns(database: Database, studioId: string, more: number, bytes: number): Promise<void> {
  const [{ there } = { there: 0 }] = await database
    .select({ there: count() })
    .from(run)
    .where(eq(run.studioId, studioId));
  mustFit(there + more, QUOTAS.runs, 'runs in its log', 'Tell those who run the server');
  const [counted] = await database
    .update(studio)
    .set({ logBytes: sql`${studio.logBytes} + ${bytes}` })
    .where(eq(studio.studioId, studioId))
    .returning({ logBytes: studio.logBytes });
  const megabytes = Math.ceil((counted?.logBytes ?? 0) / 1e6);
  mustFit(megabytes, QUOTAS.logMegabytes, 'megabytes of log', 'Tell those who run the server');
}

function mustFit(wanted: number, most: number, what: string, toDo: string): void {
  if (wanted <= most) return;
  const detail = `A studio keeps at most ${most.toLocaleString('en-GB')} ${what}. ${toDo}; nothing was changed.`;
  throw new NoRoom(detail);
}
