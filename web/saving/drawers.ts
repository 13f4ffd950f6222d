import type { CircuitSave } from '@prompt-spark/contract/circuit';
import type { NewRun } from '@prompt-spark/contract/run';
import { browserKeep, type BrowserKeep } from './browserKeep.ts';

/** Where circuits' unsent changes are kept in this browser. */
export function draftKeep(): BrowserKeep<CircuitSave> {
  return browserKeep('unsent', 'circuit');
}

/** Where saves are kept that were sent and not answered. */
export function doubtKeep(): BrowserKeep<CircuitSave> {
  return browserKeep('in doubt', 'circuit');
}

/** Where the runs of a coach wait for the server. A browser in a gym is used by several coaches. */
export function runKeep(coachId: string): BrowserKeep<NewRun> {
  return browserKeep(coachId, 'run');
}
