import { MOST_IMPORTED } from '@prompt-spark/contract/import';
import { readRunCsv } from '@prompt-spark/core/formats/runCsv';
import type { ImportedRun } from '../store/addRuns.ts';
import { isInCalendar } from './calendar.ts';
import { Problems } from './problems.ts';
import { runKey, type ReadFile, type ReadTask } from './work.ts';

/** Reads runs from a file: every one that is not in the log yet. Circuit, group, place and coach go by their names. */
export function readRuns(task: Extract<ReadTask, { readonly kind: 'runs' }>): ReadFile<ImportedRun> {
  const problems = new Problems();
  const kept = new Set(task.kept);
  const circuits = new Map(task.circuits);
  const groups = new Map(task.groups);
  const sites = new Map(task.sites);
  const coaches = new Map(task.coaches);
  const fresh: ImportedRun[] = [];
  let same = 0;
  const rows = readRunCsv(task.csv);
  if (rows.length > MOST_IMPORTED) {
    const message = `That is ${rows.length} lines: a file may hold ${MOST_IMPORTED}. Take it in as several files`;
    return { fresh: [], same: 0, problems: [{ line: 1, message }] };
  }
  for (const row of rows) {
    if (!row.ok) {
      problems.add(row.line, row.problem);
      continue;
    }
    const { day, time, title, group, site, coach, ...how } = row.value;
    const find = (known: ReadonlyMap<string, string>, name: string, what: string): string | undefined => {
      const id = known.get(name.toLowerCase());
      if (id === undefined) problems.add(row.line, `There is no ${what} called "${name}"`);
      return id;
    };
    if (!isInCalendar(day)) problems.add(row.line, `"${day}" is not in the calendar`);
    const circuitId = find(circuits, title, 'circuit');
    const groupId = group === '' ? null : find(groups, group, 'group');
    const siteId = site === '' ? null : find(sites, site, 'place');
    const coachId = coach === '' ? task.coachId : find(coaches, coach, 'coach');
    if (circuitId === undefined || groupId === undefined || siteId === undefined || coachId === undefined) continue;
    const began = `${day} ${time.padStart(5, '0')}`;
    const key = runKey(circuitId, coachId, began);
    if (kept.has(key)) {
      same += 1;
      continue;
    }
    kept.add(key);
    fresh.push({ circuitId, circuitTitle: title, groupId, siteId, coachId, began, ...how });
  }
  return { fresh, same, problems: problems.all };
}
