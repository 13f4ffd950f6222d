import { catalogue } from '@prompt-spark/catalogue';
import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { drillSchema, type DrillSave, type LibraryDrill } from '@prompt-spark/contract/drill';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { and, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { studioDrill } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { inTurn } from './inTurn.ts';
import { NamesTaken } from './namesTaken.ts';
import { outdateSummaries } from './outdated.ts';
import { roomForDrills } from './quotas.ts';
import { readDocument, readEach, type ReadList } from './stored.ts';
import { takeOut } from './takenOut.ts';

const shipped: readonly LibraryDrill[] = catalogue.map((drill) => ({ drill, version: null }));

/** The drills a studio added to those that ship, by name. */
export async function ownDrills(database: Database, studioId: string): Promise<ReadList<LibraryDrill>> {
  const rows = await database
    .select()
    .from(studioDrill)
    .where(and(eq(studioDrill.studioId, studioId), isNull(studioDrill.takenOutAt)));
  const { read, unreadable } = readEach(rows, (row) => ({
    drill: readDocument('drill', drillSchema, row),
    version: row.version,
  }));
  return { read: read.toSorted((one, other) => one.drill.name.localeCompare(other.drill.name)), unreadable };
}

async function drillsOf(database: Database, studioId: string): Promise<readonly LibraryDrill[]> {
  return [...shipped, ...(await ownDrills(database, studioId)).read];
}

/** What came of keeping a drill. */
export type DrillResult =
  | { readonly kind: 'kept'; readonly kept: LibraryDrill }
  | { readonly kind: 'wrong'; readonly words: string }
  | { readonly kind: 'outdated'; readonly current: LibraryDrill }
  | { readonly kind: 'missing' };

/** Adds a drill of the studio's own. Its names must be nobody else's in the library. */
export function addDrill(database: Database, studioId: string, drill: Drill): Promise<DrillResult> {
  return inTurn(database, studioId, 'drills', async (transaction) => {
    await roomForDrills(transaction, studioId, 1);
    const wrong = wrongWith(drill, await drillsOf(transaction, studioId));
    if (wrong) return { kind: 'wrong', words: wrong };
    const version = await keep(transaction, studioId, drill);
    // A circuit may have held a drill of that id before it was taken out.
    await outdateSummaries(transaction, studioId);
    return { kind: 'kept', kept: { drill, version } };
  });
}

/** Saves a change to a drill of the studio's own. */
export function saveDrill(
  database: Database,
  studioId: string,
  id: string,
  { drill, version }: DrillSave,
): Promise<DrillResult> {
  return inTurn(database, studioId, 'drills', async (transaction) => {
    const all = await drillsOf(transaction, studioId);
    const present = all.find((entry) => entry.drill.id === id);
    if (!present || present.version === null || drill.id !== id) return { kind: 'missing' };
    const wrong = wrongWith(
      drill,
      all.filter((entry) => entry !== present),
    );
    if (wrong) return { kind: 'wrong', words: wrong };
    const [row] = await transaction
      .update(studioDrill)
      .set({ document: drill, schemaVersion: SCHEMA_VERSIONS.drill, version: version + 1, savedAt: sql`now()` })
      .where(and(eq(studioDrill.studioId, studioId), eq(studioDrill.id, id), eq(studioDrill.version, version)))
      .returning({ version: studioDrill.version });
    if (!row) return { kind: 'outdated', current: present };
    await outdateSummaries(transaction, studioId);
    return { kind: 'kept', kept: { drill, version: row.version } };
  });
}

/** Brings back a drill of the studio's own that was taken out; wrong where another has one of its names by now. */
export function bringBackDrill(database: Database, studioId: string, id: string): Promise<DrillResult> {
  return inTurn(database, studioId, 'drills', async (transaction) => {
    const out = and(eq(studioDrill.studioId, studioId), eq(studioDrill.id, id), isNotNull(studioDrill.takenOutAt));
    const [row] = await transaction.select().from(studioDrill).where(out);
    if (!row) return { kind: 'missing' };
    const drill = readDocument('drill', drillSchema, row);
    await roomForDrills(transaction, studioId, 1);
    const wrong = wrongWith(drill, await drillsOf(transaction, studioId));
    if (wrong) return { kind: 'wrong', words: wrong };
    await transaction.update(studioDrill).set({ takenOutAt: null }).where(out);
    await outdateSummaries(transaction, studioId);
    return { kind: 'kept', kept: { drill, version: row.version } };
  });
}

/** Takes a drill of the studio's own out. False where there is none; the catalogue's stay. */
export async function takeOutDrill(database: Database, studioId: string, id: string): Promise<boolean> {
  const out = await takeOut(database, 'drill', studioId, id);
  if (out) await outdateSummaries(database, studioId);
  return out;
}

/** Writes drills, a list of them as JSON, in one statement, each over one of its id that was taken out. Gives how many. */
export async function keepDrills(database: Database, studioId: string, drills: string): Promise<number> {
  const { rowCount } = await database.execute(sql`
    insert into ${studioDrill} (studio_id, id, version, document, schema_version)
    select ${studioId}::uuid, d->>'id', 1, d, ${SCHEMA_VERSIONS.drill}::int
    from jsonb_array_elements(${drills}::jsonb) as d
    on conflict (studio_id, id) do update set document = excluded.document, schema_version = excluded.schema_version,
      version = ${studioDrill}.version + 1, taken_out_at = null, saved_at = now()`);
  return rowCount ?? 0;
}

/** Writes a drill, over one of its id that was taken out; its version. */
async function keep(database: Database, studioId: string, drill: Drill): Promise<number> {
  const { drill: schemaVersion } = SCHEMA_VERSIONS;
  const values = { studioId, id: drill.id, version: 1, document: drill, schemaVersion };
  const [row] = await database
    .insert(studioDrill)
    .values(values)
    .onConflictDoUpdate({
      target: [studioDrill.studioId, studioDrill.id],
      set: {
        document: drill,
        schemaVersion,
        version: sql`${studioDrill.version} + 1`,
        takenOutAt: null,
        savedAt: sql`now()`,
      },
    })
    .returning({ version: studioDrill.version });
  return row?.version ?? 1;
}

/** What keeps a drill out of a library of others. Empty where nothing does. */
function wrongWith(drill: Drill, others: readonly LibraryDrill[]): string {
  return new NamesTaken(others.map((other) => other.drill)).wrongWith(drill);
}
