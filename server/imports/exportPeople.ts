import { writePersonCsv, type PersonLine } from '@prompt-spark/core/formats/personCsv';
import type { KeyRing } from '../health/keyRing.ts';
import type { Database } from '../store/database.ts';
import { everybodyOf, note, type Asker } from '../store/people.ts';
import { placesOf } from '../store/places.ts';

/** Everybody a coach coaches, as CSV. That it was taken out is noted for each of them. */
export async function exportPeople(database: Database, key: KeyRing, asker: Asker): Promise<string> {
  const { groups } = await placesOf(database, asker.studioId);
  const lines: PersonLine[] = [];
  const ids: string[] = [];
  for await (const { id, document, groupIds } of everybodyOf(database, key, asker)) {
    const names = groups.filter((group) => groupIds.includes(group.id)).map(({ name }) => name);
    lines.push({ person: document, groups: names });
    ids.push(id);
  }
  await note(database, asker, 'took out to a file', ids);
  return writePersonCsv(lines.toSorted((one, other) => one.person.name.localeCompare(other.person.name)));
}
