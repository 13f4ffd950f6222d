import { and, eq } from 'drizzle-orm';
import { circuit, plannedSession } from '../schema/tables.ts';
import type { Database } from './database.ts';

/** Has the summaries of a studio made anew when they are next listed: those at one site, or all. */
export async function outdateSummaries(database: Database, studioId: string, siteId?: string): Promise<void> {
  const outdated = { summaryOf: '' };
  await database
    .update(circuit)
    .set(outdated)
    .where(and(eq(circuit.studioId, studioId), siteId === undefined ? undefined : eq(circuit.siteId, siteId)));
  await database
    .update(plannedSession)
    .set(outdated)
    .where(
      and(eq(plannedSession.studioId, studioId), siteId === undefined ? undefined : eq(plannedSession.siteId, siteId)),
    );
}
