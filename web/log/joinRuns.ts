import type { NewRun, RunSummary, RunTurns } from '@prompt-spark/contract/run';
import { NO_PACE } from '@prompt-spark/core/session/gaps';
import { MOST_MARKS } from '@prompt-spark/core/session/marks';
import { joinedTurns } from '@prompt-spark/core/session/joinedTurns';

/** Two records that begin further apart are two classes. Common practice, no source. */
const APART_MS = 30 * 60_000;

const startOf = ({ startedAt }: RunSummary): number => Date.parse(startedAt);

/** Another record of the same class among a coach's own, as where the wall and the phone both ran it: the nearest in time. */
export function twinOf(run: RunSummary, runs: readonly RunSummary[]): RunSummary | undefined {
  const apart = (other: RunSummary): number => Math.abs(startOf(run) - startOf(other));
  return runs
    .filter(
      (other) =>
        other.id !== run.id &&
        other.circuitId === run.circuitId &&
        other.groupId === run.groupId &&
        apart(other) <= APART_MS,
    )
    .toSorted((one, other) => apart(one) - apart(other))[0];
}

type Whole = RunSummary & RunTurns;

/** The most letters a note has (contract/run.ts). */
const MOST_NOTE = 2000;

/** Two records of one class as one, under an id of its own: the first start, the last end, and what was said in either. */
export function joinedRun(id: string, one: Whole, other: Whole): NewRun {
  const [earlier, later] = startOf(one) <= startOf(other) ? [one, other] : [other, one];
  const longer = earlier.actual >= later.actual ? earlier : later;
  const notes = new Set([earlier.note, later.note].filter((note) => note !== ''));
  return {
    id,
    sessionId: earlier.sessionId ?? later.sessionId,
    circuitId: earlier.circuitId,
    circuitTitle: earlier.circuitTitle,
    startedAt: earlier.startedAt,
    finishedAt: Date.parse(earlier.finishedAt) > Date.parse(later.finishedAt) ? earlier.finishedAt : later.finishedAt,
    endedEarly: earlier.endedEarly && later.endedEarly,
    effort: later.effort ?? earlier.effort,
    warm: later.warm ?? earlier.warm,
    note: [...notes].join('\n').slice(0, MOST_NOTE),
    marks: [...earlier.marks, ...later.marks].slice(0, MOST_MARKS),
    turns: joinedTurns(earlier.turns, later.turns),
    pace: longer.pace ?? NO_PACE,
  };
}
