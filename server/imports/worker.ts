import type { Drill } from '@prompt-spark/core/drills/drill';
import { readDrills } from './readDrills.ts';
import { readPeople } from './readPeople.ts';
import type { NewPerson } from '../store/addPeople.ts';
import type { ReadFile, ReadTask } from './work.ts';

/** Reads a file in a thread of its own: a large one takes seconds, during which nobody else must wait. */
export default function readFile(task: ReadTask): ReadFile<NewPerson> | ReadFile<Drill> {
  return task.kind === 'people' ? readPeople(task) : readDrills(task);
}
