import { check } from '@prompt-spark/contract/check';
import { MOST_IMPORTED } from '@prompt-spark/contract/import';
import { personDocumentSchema } from '@prompt-spark/contract/person';
import { readPersonCsv } from '@prompt-spark/core/formats/personCsv';
import { Problems } from './problems.ts';
import type { NewPerson } from '../store/addPeople.ts';
import type { ReadFile, ReadTask } from './work.ts';

/** Reads people from a file: everybody whose name the coach has nobody of yet. */
export function readPeople({
  csv,
  names,
  groups,
}: Extract<ReadTask, { readonly kind: 'people' }>): ReadFile<NewPerson> {
  const problems = new Problems();
  const taken = new Set(names);
  const groupIdOf = new Map(groups);
  const fresh: NewPerson[] = [];
  let same = 0;
  const rows = readPersonCsv(csv);
  if (rows.length > MOST_IMPORTED) return tooMany(rows.length);
  for (const row of rows) {
    if (!row.ok) {
      problems.add(row.line, row.problem);
      continue;
    }
    const { person, groups: wanted } = row.value;
    const name = person.name.toLowerCase();
    if (taken.has(name)) {
      same += 1;
      continue;
    }
    const unknown = wanted.filter((group) => !groupIdOf.has(group.toLowerCase()));
    for (const group of unknown) problems.add(row.line, `You coach no group called "${group}"`);
    const checked = check(personDocumentSchema, person);
    if (!checked.ok) {
      for (const { message } of checked.errors) problems.add(row.line, message);
      continue;
    }
    taken.add(name);
    fresh.push({
      document: checked.value,
      groupIds: wanted.flatMap((group) => groupIdOf.get(group.toLowerCase()) ?? []),
    });
  }
  return { fresh, same, problems: problems.all };
}

function tooMany(rows: number): ReadFile<never> {
  const message = `That is ${String(rows)} lines: a file may hold ${String(MOST_IMPORTED)}. Take it in as several files`;
  return { fresh: [], same: 0, problems: [{ line: 1, message }] };
}
