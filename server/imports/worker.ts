import { readDrills } from './readDrills.ts';
import { readPeople } from './readPeople.ts';
import type { PackedFile, ReadFile, ReadTask } from './work.ts';

/** Rows that are written at once; between two batches an import can be called off. */
const BATCH = 250;

/** Reads a file in a thread of its own: a large one takes seconds, during which nobody else must wait. */
export default function readFile(task: ReadTask): PackedFile {
  return packed<unknown>(task.kind === 'people' ? readPeople(task) : readDrills(task));
}

function packed<Fresh>({ fresh, same, problems }: ReadFile<Fresh>): PackedFile {
  const batches: string[] = [];
  for (let from = 0; from < fresh.length; from += BATCH) batches.push(JSON.stringify(fresh.slice(from, from + BATCH)));
  return { batches, count: fresh.length, same, problems };
}
