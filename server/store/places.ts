import { studioPlacesSchema, type Group, type StudioPlaces } from '@prompt-spark/contract/studio';
import { eq } from 'drizzle-orm';
import { group, groupCoach, site } from '../schema/tables.ts';
import { trusted } from './trusted.ts';
import type { Database } from './database.ts';

/** Adds a group, which the coach who adds it coaches. Undefined where the id is taken. */
export function addGroup(
  database: Database,
  { studioId, coachId }: { readonly studioId: string; readonly coachId: string },
  { id, name }: { readonly id: string; readonly name: string },
): Promise<Group | undefined> {
  return database.transaction(async (transaction) => {
    const added = await transaction
      .insert(group)
      .values({ id, studioId, name, people: 0 })
      .onConflictDoNothing()
      .returning({ id: group.id });
    if (added.length === 0) return undefined;
    await transaction.insert(groupCoach).values({ studioId, groupId: id, coachId });
    return { id, name, people: 0 };
  });
}

/** The sites and groups of a studio, by name. */
export async function placesOf(database: Database, studioId: string): Promise<StudioPlaces> {
  const sites = await database.select().from(site).where(eq(site.studioId, studioId)).orderBy(site.name);
  const groups = await database.select().from(group).where(eq(group.studioId, studioId)).orderBy(group.name);
  return trusted(studioPlacesSchema, {
    sites: sites.map(({ studioId: _, ...rest }) => rest),
    groups: groups.map(({ studioId: _, ...rest }) => rest),
  });
}
