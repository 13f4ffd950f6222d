import { catalogue } from '@prompt-spark/catalogue';
import type { DrillLibrary } from '@prompt-spark/core';
import { libraryOf } from '@prompt-spark/core/drills/library';
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
}

/** The drills, sites and groups of a studio. */
export async function timedWith(database: Database, studioId: string): Promise<TimedWith> {
  const { read: own } = await ownDrills(database, studioId);
  const { sites, groups } = await placesOf(database, studioId);
  return {
    library: own.length === 0 ? shipped : libraryOf([...catalogue, ...own.map(({ drill }) => drill)]),
    siteOf: (id) => sites.find((site) => site.id === id),
    groupOf: (id) => groups.find((group) => group.id === id),
  };
}
