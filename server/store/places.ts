import { SCHEMA_VERSIONS } from '@prompt-spark/contract/documents';
import { type CoachName, type Group, type Site, type SiteSave, type StudioPlaces } from '@prompt-spark/contract/studio';
import { and, eq } from 'drizzle-orm';
import { coach, group, groupCoach, site } from '../schema/tables.ts';
import type { Database } from './database.ts';
import { outdateSummaries } from './outdated.ts';

/** Adds a group, which the coach who adds it coaches. Adding it again changes nothing; undefined where the id is another's. */
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
    if (added.length === 0) return coachedGroup(transaction, studioId, coachId, id);
    await transaction.insert(groupCoach).values({ studioId, groupId: id, coachId });
    return { id, name, people: 0 };
  });
}

/** A group of a studio that a coach coaches. */
async function coachedGroup(
  database: Database,
  studioId: string,
  coachId: string,
  id: string,
): Promise<Group | undefined> {
  const [found] = await database
    .select({ id: group.id, name: group.name, people: group.people })
    .from(group)
    .innerJoin(groupCoach, eq(groupCoach.groupId, group.id))
    .where(and(eq(group.studioId, studioId), eq(group.id, id), eq(groupCoach.coachId, coachId)));
  return found;
}

/** What came of keeping a site; the present one where it was changed since. */
export type SiteResult =
  { readonly kind: 'kept'; readonly site: Site } | { readonly kind: 'outdated'; readonly current: Site | undefined };

/** Keeps a new site, or a change made on the version that is there. */
export async function saveSite(
  database: Database,
  studioId: string,
  id: string,
  { version, site: details }: SiteSave,
): Promise<SiteResult> {
  const own = and(eq(site.studioId, studioId), eq(site.id, id));
  const { site: schemaVersion } = SCHEMA_VERSIONS;
  const rows =
    version === null
      ? await database
          .insert(site)
          .values({ ...details, id, studioId, schemaVersion })
          .onConflictDoNothing()
          .returning()
      : await database
          .update(site)
          .set({ ...details, schemaVersion, version: version + 1 })
          .where(and(own, eq(site.version, version)))
          .returning();
  const [kept] = rows;
  if (kept) {
    // Its lanes decide how long distances take.
    await outdateSummaries(database, studioId, id);
    return { kind: 'kept', site: siteFrom(kept) };
  }
  const [current] = await database.select().from(site).where(own);
  return { kind: 'outdated', current: current && siteFrom(current) };
}

function siteFrom({ studioId: _, schemaVersion: __, ...row }: typeof site.$inferSelect): Site {
  return row;
}

/** The sites and groups of a studio, by name. */
export async function placesOf(database: Database, studioId: string): Promise<Omit<StudioPlaces, 'coaches'>> {
  const sites = await database.select().from(site).where(eq(site.studioId, studioId)).orderBy(site.name);
  const groups = await database.select().from(group).where(eq(group.studioId, studioId)).orderBy(group.name);
  return { sites: sites.map(siteFrom), groups: groups.map(({ studioId: _, ...rest }) => rest) };
}

/** The coaches of a studio, by name. */
export function coachesOf(database: Database, studioId: string): Promise<readonly CoachName[]> {
  return database
    .select({ id: coach.id, name: coach.name })
    .from(coach)
    .where(eq(coach.studioId, studioId))
    .orderBy(coach.name);
}
