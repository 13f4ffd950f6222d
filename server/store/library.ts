import { catalogue } from '@prompt-spark/catalogue';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { USUAL_TIMES, type TradeTimes } from '@prompt-spark/core/occasion/trade';
import { eq } from 'drizzle-orm';
import { studio } from '../schema/tables.ts';
import type { Group, Site } from '@prompt-spark/contract/studio';
import type { Database } from './database.ts';
import { ownDrills } from './drills.ts';
import { placesOf } from './places.ts';

const shipped = libraryOf(catalogue);

/** What a studio's circuits are timed with. */
export interface TimedWith {
  readonly library: DrillLibrary;
  readonly siteOf: (id: string | null) => Site | undefined;
  readonly groupOf: (id: string | null) => Group | undefined;
  readonly times: TradeTimes;
}

/** The drills, sites, groups and seconds of a studio. */
export async function timedWith(database: Database, studioId: string): Promise<TimedWith> {
  const { read: drills } = await ownDrills(database, studioId);
  const { sites, groups } = await placesOf(database, studioId);
  const [own] = await database.select({ times: studio.times }).from(studio).where(eq(studio.studioId, studioId));
  return {
    library: drills.length === 0 ? shipped : libraryOf([...catalogue, ...drills.map(({ drill }) => drill)]),
    siteOf: (id) => sites.find((site) => site.id === id),
    groupOf: (id) => groups.find((group) => group.id === id),
    times: own?.times ?? USUAL_TIMES,
  };
}
