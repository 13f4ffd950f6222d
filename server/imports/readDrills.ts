import { catalogue } from '@prompt-spark/catalogue';
import { check } from '@prompt-spark/contract/check';
import { drillSchema } from '@prompt-spark/contract/drill';
import { MOST_IMPORTED } from '@prompt-spark/contract/import';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { readDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import { isDeepStrictEqual } from 'node:util';
import { NamesTaken } from '../store/namesTaken.ts';
import { Problems } from './problems.ts';
import type { ReadFile, ReadTask } from './work.ts';

/** Reads drills from a file: every one that is not in the library word for word. */
export function readDrills({ csv, own }: Extract<ReadTask, { readonly kind: 'drills' }>): ReadFile<Drill> {
  const problems = new Problems();
  const present = new Map([...catalogue, ...own.map(({ drill }) => drill)].map((drill) => [drill.id, drill]));
  const taken = new NamesTaken([...present.values()]);
  const fresh: Drill[] = [];
  let same = 0;
  const rows = readDrillCsv(csv);
  if (rows.length > MOST_IMPORTED) {
    problems.add(1, `That is ${String(rows.length)} lines: a file may hold ${String(MOST_IMPORTED)}`);
    return { fresh, same, problems: problems.all };
  }
  for (const row of rows) {
    if (!row.ok) {
      problems.add(row.line, row.problem);
      continue;
    }
    const checked = check(drillSchema, row.value);
    if (!checked.ok) {
      for (const { message } of checked.errors) problems.add(row.line, message);
      continue;
    }
    const drill = checked.value;
    if (isDeepStrictEqual(present.get(drill.id), drill)) {
      same += 1;
      continue;
    }
    const wrong = taken.wrongWith(drill);
    if (wrong) problems.add(row.line, wrong);
    else {
      fresh.push(drill);
      taken.add(drill);
    }
  }
  return { fresh, same, problems: problems.all };
}
