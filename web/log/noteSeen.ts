import type { RunSummary } from '@prompt-spark/contract/run';
import { seenIn, withSeen, type Seen } from '@prompt-spark/core/people/seen';
import type { usePeopleStore } from '../people/people.ts';
import { blankSeen } from './blankSeen.ts';

/** Notes of somebody in a run what is made of what was noted of them in it before. */
export function noteSeen(
  people: ReturnType<typeof usePeopleStore>,
  personId: string,
  run: RunSummary,
  make: (seen: Seen) => Seen,
): Promise<void> {
  return people.change(personId, (document) => {
    const before = seenIn(document.seen, run.id) ?? blankSeen(run);
    return { ...document, seen: withSeen(document.seen, make(before)) };
  });
}
