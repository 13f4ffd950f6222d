import { readDrills } from './readDrills.ts';
import { readPeople } from './readPeople.ts';
import { readRuns } from './readRuns.ts';
import type { PackedFile, ReadFile, ReadTask } from './work.ts';

/** Rows that are written at once; between two batches an import can be called off. */
const BATCH = 250;

/** Reads a file in a thread of its own: a large one takes seconds, during which nobody else must wait. */
export default function readFile(task: ReadTask): PackedFile {
  switch (task.kind) {
    case 'people':
      return packed(readPeople(task));
    case 'drills':
      return packed(readDrills(task));
    case 'runs':
      return packed(readRuns(task));
  }
}

function packed<Fresh>({ fresh, same, problems }: ReadFile<Fresh>): PackedFile {
  const batches: string[] = [];
  for (let from = 0; from < fresh.length; from += BATCH) batches.push(JSON.stringify(fresh.slice(from, from + BATCH)));
  return { batches, count: fresh.length, same, problems };
}
