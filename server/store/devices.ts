import { and, desc, eq, notInArray } from 'drizzle-orm';
import { coach, coachDevice } from '../schema/tables.ts';
import type { Database } from './database.ts';
import type { Asker } from './asker.ts';

/** Browsers that are known again for one coach. */
const MOST_DEVICES = 20;

/** Whether the coach with this e-mail signed in before at the browser with this digest. */
export async function isKnownDevice(database: Database, digest: string, email: string): Promise<boolean> {
  const rows = await database
    .select({ digest: coachDevice.digest })
    .from(coachDevice)
    .innerJoin(coach, and(eq(coach.studioId, coachDevice.studioId), eq(coach.id, coachDevice.coachId)))
    .where(and(eq(coachDevice.digest, digest), eq(coach.email, email)));
  return rows.length > 0;
}

/** Notes a browser at which a coach signed in; the one of longest ago is forgotten where there are many. */
export async function addDevice(
  database: Database,
  { studioId, coachId }: Asker,
  digest: string,
  before: string | undefined,
): Promise<void> {
  const own = and(eq(coachDevice.studioId, studioId), eq(coachDevice.coachId, coachId));
  if (before !== undefined) await database.delete(coachDevice).where(and(own, eq(coachDevice.digest, before)));
  await database.insert(coachDevice).values({ digest, studioId, coachId }).onConflictDoNothing();
  const kept = await database
    .select({ digest: coachDevice.digest })
    .from(coachDevice)
    .where(own)
    .orderBy(desc(coachDevice.seenAt))
    .limit(MOST_DEVICES);
  await database.delete(coachDevice).where(
    and(
      own,
      notInArray(
        coachDevice.digest,
        kept.map((row) => row.digest),
      ),
    ),
  );
}
