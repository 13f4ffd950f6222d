import type { CircuitSave } from '@prompt-spark/contract/circuit';
import type { NewRun } from '@prompt-spark/contract/run';
import { browserKeep, type BrowserKeep } from './browserKeep.ts';

/** Drawers of circuits that had no coach in their name: an earlier version of the application filled them. */
export const UNNAMED = { unsent: 'unsent', doubt: 'in doubt' } as const;

/** Where a coach's unsent changes to circuits are kept in this browser. A browser in a gym is used by several coaches. */
export function draftKeep(coachId: string, storage: Storage = localStorage): BrowserKeep<CircuitSave> {
  return named(UNNAMED.unsent, coachId, storage);
}

/** Where a coach's saves are kept that were sent and not answered. */
export function doubtKeep(coachId: string, storage: Storage = localStorage): BrowserKeep<CircuitSave> {
  return named(UNNAMED.doubt, coachId, storage);
}

/** Where the runs of a coach wait for the server. */
export function runKeep(coachId: string): BrowserKeep<NewRun> {
  return browserKeep(coachId, 'run');
}

/** Whether a drawer holds what this coach would leave behind: their own, and those that have nobody's name. */
export function belongsTo(drawer: string, coachId: string): boolean {
  return drawer === UNNAMED.unsent || drawer === UNNAMED.doubt || drawer.endsWith(coachId);
}

/**
 * A coach's drawer of circuits. What lies in the drawer without a name moves into it when its circuit is opened: only
 * coaches of its studio can open it.
 */
function named(drawer: string, coachId: string, storage: Storage): BrowserKeep<CircuitSave> {
  const own = browserKeep<CircuitSave>(`${drawer} ${coachId}`, 'circuit', storage);
  const before = browserKeep<CircuitSave>(drawer, 'circuit', storage);
  return {
    ...own,
    get(id) {
      const kept = own.get(id);
      if (kept) return kept;
      const left = before.get(id);
      if (left && own.put(id, left)) before.drop(id);
      return left;
    },
  };
}
