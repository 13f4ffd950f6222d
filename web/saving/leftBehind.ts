import { KEPT, keysOf } from './browserKeep.ts';

/** How many things this browser keeps that the server has not got. */
export function unsentCount(storage: Storage = localStorage): number {
  return keysOf(storage).filter((key) => key.startsWith(KEPT)).length;
}

/** Leaves nothing behind for the next coach at this browser. */
export function clearKept(storage: Storage = localStorage): void {
  for (const key of keysOf(storage)) if (key.startsWith(KEPT)) storage.removeItem(key);
}
