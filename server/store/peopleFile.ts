import { check } from '@prompt-spark/contract/check';
import type { ImportProblem, ImportReport } from '@prompt-spark/contract/drill';
import { personDocumentSchema, type PersonRecord } from '@prompt-spark/contract/person';
import { readPersonCsv, writePersonCsv } from '@prompt-spark/core/formats/personCsv';
import { randomUUID } from 'node:crypto';
import type { Database } from './database.ts';
import { inTurn } from './inTurn.ts';
import { groupsCoached, note, peopleOf, savePerson, type Asker } from './people.ts';
import { placesOf } from './places.ts';
import type { HealthKey } from './seal.ts';

/** Everybody a coach coaches, as CSV. That it was taken out is noted for each of them. */
export async function exportPeople(database: Database, key: HealthKey, asker: Asker): Promise<string> {
  const { read: people } = await peopleOf(database, key, asker);
  const { groups } = await placesOf(database, asker.studioId);
  await note(
    database,
    asker,
    'took out to a file',
    people.map(({ id }) => id),
  );
  return writePersonCsv(
    people.map(({ document, groupIds }) => ({
      person: document,
      groups: groups.filter(({ id }) => groupIds.includes(id)).map(({ name }) => name),
    })),
  );
}

/**
 * Takes people in from CSV: everybody whose name the coach has nobody of yet. One bad line and nobody is taken in.
 */
export function importPeople(database: Database, key: HealthKey, asker: Asker, csv: string): Promise<ImportReport> {
  return inTurn(database, asker.studioId, 'people', async (transaction) => {
    const { read: present } = await peopleOf(transaction, key, asker);
    const own = await groupsCoached(transaction, asker);
    const { groups } = await placesOf(transaction, asker.studioId);
    const groupIdOf = new Map(groups.filter(({ id }) => own.has(id)).map(({ id, name }) => [name.toLowerCase(), id]));
    const problems: ImportProblem[] = [];
    const fresh: Pick<PersonRecord, 'groupIds' | 'document'>[] = [];
    let same = 0;
    for (const row of readPersonCsv(csv)) {
      const { line } = row;
      if (!row.ok) {
        problems.push({ line, message: row.problem });
        continue;
      }
      const { person, groups: names } = row.value;
      if ([...present, ...fresh].some(({ document }) => document.name.toLowerCase() === person.name.toLowerCase())) {
        same += 1;
        continue;
      }
      const checked = check(personDocumentSchema, person);
      const unknown = names.filter((name) => !groupIdOf.has(name.toLowerCase()));
      problems.push(...unknown.map((name) => ({ line, message: `You coach no group called "${name}"` })));
      if (!checked.ok) problems.push(...checked.errors.map(({ message }) => ({ line, message })));
      else
        fresh.push({
          document: checked.value,
          groupIds: names.flatMap((name) => groupIdOf.get(name.toLowerCase()) ?? []),
        });
    }
    if (problems.length > 0) return { added: 0, same, problems };
    for (const one of fresh) await savePerson(transaction, key, asker, randomUUID(), { ...one, version: null });
    return { added: fresh.length, same, problems };
  });
}
