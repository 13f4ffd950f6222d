import type { ImportProgress } from '@prompt-spark/contract/import';
import { and, eq, lt, sql } from 'drizzle-orm';
import { importJob } from '../schema/tables.ts';
import type { Database } from './database.ts';
import type { Asker } from './asker.ts';

/** Imports are told of for so long. */
const KEPT = sql`interval '1 day'`;

/** Thrown to leave an import that was called off: what it did by then is undone with its transaction. */
export class CalledOff extends Error {}

/** An import under way, as others can see it: written beside its transaction, not in it. */
export interface Job {
  /** @throws CalledOff */
  isAt(done: number, total: number): Promise<void>;
  end(): Promise<void>;
}

const UNWATCHED: Job = { isAt: () => Promise.resolve(), end: () => Promise.resolve() };

/** Begins an import under an id made by the sender; undefined where there is one under that id. Without an id nobody watches. */
export async function beginJob(
  database: Database,
  { studioId, coachId }: Asker,
  id: string | undefined,
): Promise<Job | undefined> {
  if (id === undefined) return UNWATCHED;
  await database.delete(importJob).where(lt(importJob.startedAt, sql`now() - ${KEPT}`));
  const made = await database
    .insert(importJob)
    .values({ id, studioId, coachId })
    .onConflictDoNothing()
    .returning({ id: importJob.id });
  if (made.length === 0) return undefined;
  return {
    async isAt(done, total) {
      const [row] = await database
        .update(importJob)
        .set({ done, total })
        .where(eq(importJob.id, id))
        .returning({ state: importJob.state });
      if (row?.state === 'called off') throw new CalledOff();
    },
    async end() {
      await database
        .update(importJob)
        .set({ state: 'ended' })
        .where(and(eq(importJob.id, id), eq(importJob.state, 'running')));
    },
  };
}

/** How far an import of a coach's own is; undefined where there is none. */
export async function progressOf(database: Database, asker: Asker, id: string): Promise<ImportProgress | undefined> {
  const [row] = await database
    .select({ done: importJob.done, total: importJob.total, state: importJob.state })
    .from(importJob)
    .where(ownJob(asker, id));
  return row;
}

/** Calls an import of a coach's own off. False where none is under way. */
export async function callOff(database: Database, asker: Asker, id: string): Promise<boolean> {
  const rows = await database
    .update(importJob)
    .set({ state: 'called off' })
    .where(and(ownJob(asker, id), eq(importJob.state, 'running')))
    .returning({ id: importJob.id });
  return rows.length > 0;
}

function ownJob({ studioId, coachId }: Asker, id: string) {
  return and(eq(importJob.studioId, studioId), eq(importJob.coachId, coachId), eq(importJob.id, id));
}
