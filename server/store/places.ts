import { studioPlacesSchema, type StudioPlaces } from '@prompt-spark/contract/studio';
import { eq } from 'drizzle-orm';
import { group, site } from '../schema/tables.ts';
import { trusted } from './trusted.ts';
import type { Database } from './database.ts';

/** The sites and groups of a studio, by name. */
export async function placesOf(database: Database, studioId: string): Promise<StudioPlaces> {
  const sites = await database.select().from(site).where(eq(site.studioId, studioId)).orderBy(site.name);
  const groups = await database.select().from(group).where(eq(group.studioId, studioId)).orderBy(group.name);
  return trusted(studioPlacesSchema, {
    sites: sites.map(({ studioId: _, ...rest }) => rest),
    groups: groups.map(({ studioId: _, ...rest }) => rest),
  });
}
