import { personCsvHeading, personCsvLines } from '@prompt-spark/core/formats/personCsv';
import { writePersonHistoryCsv } from '@prompt-spark/core/formats/personHistoryCsv';
import { MEASURES } from '@prompt-spark/core/measures/measure';
import type { KeyRing } from '../health/keyRing.ts';
import type { Database } from '../store/database.ts';
import type { Asker } from '../store/asker.ts';
import { note } from '../store/accessRecord.ts';
import { pagesOfPeople, personRow, recordOf } from '../store/people.ts';
import { placesOf } from '../store/places.ts';
import { standardsOf } from '../store/standards.ts';

/**
 * Everybody a coach coaches, as CSV, written page by page so that nobody waits for thousands, each in order of name. That it was taken out is
 * noted for each of them.
 */
export async function exportPeople(database: Database, key: KeyRing, asker: Asker): Promise<string> {
  const { groups } = await placesOf(database, asker.studioId);
  const nameOf = new Map(groups.map(({ id, name }) => [id, name]));
  const parts = [personCsvHeading()];
  for await (const people of pagesOfPeople(database, key, asker)) {
    const inOrder = people.toSorted((one, other) => one.document.name.localeCompare(other.document.name));
    parts.push(
      personCsvLines(
        inOrder.map(({ document, groupIds }) => ({
          person: document,
          groups: groupIds.flatMap((id) => nameOf.get(id) ?? []),
        })),
      ),
    );
    await note(
      database,
      asker,
      'took out to a file',
      people.map(({ id }) => id),
    );
  }
  return parts.join('');
}

/**
 * What was seen, counted and measured of one person, as CSV, for them to have; that it was taken out is noted. Undefined
 * where the coach does not coach them, or what is stored of them cannot be opened.
 */
export async function exportPerson(
  database: Database,
  key: KeyRing,
  asker: Asker,
  id: string,
): Promise<string | undefined> {
  const row = await personRow(database, asker, id);
  const record = row && (await recordOf(database, key, row));
  if (!record) return undefined;
  const { measures } = await standardsOf(database, asker.studioId);
  await note(database, asker, 'took out to a file', [id]);
  return writePersonHistoryCsv(record.document, [...MEASURES, ...measures.map(({ document }) => document)]);
}
