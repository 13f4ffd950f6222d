import { KEPT, keysOf } from './browserKeep.ts';
import { belongsTo } from './drawers.ts';

/** How many things of a coach this browser keeps that the server has not got. */
export function unsentCount(coachId: string, storage: Storage = localStorage): number {
  return keptOf(coachId, storage).length;
}

/** Leaves nothing of a coach behind at this browser. What another coach could not send yet stays theirs. */
export function clearKept(coachId: string, storage: Storage = localStorage): void {
  for (const key of keptOf(coachId, storage)) storage.removeItem(key);
}

function keptOf(coachId: string, storage: Storage): readonly string[] {
  return keysOf(storage).filter((key) => key.startsWith(KEPT) && belongsTo(key.split('/')[2] ?? '', coachId));
}
