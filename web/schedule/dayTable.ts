import type { SessionSummary } from '@prompt-spark/contract/session';
import { sessionTime } from './sessionTime.ts';

/** A day of several coaches side by side: a column a coach, a row a time at which something starts. */
export interface DayTable {
  readonly coaches: readonly { readonly id: string; readonly name: string }[];
  readonly rows: readonly DayRow[];
}

export interface DayRow {
  readonly time: string;
  /** What starts then with each coach, in the order of the coaches. */
  readonly cells: readonly (readonly SessionSummary[])[];
}

/**
 * Lays out the sessions of a day, which come in order of time. Coaches who hold nothing are left out, but for the one who
 * looks, who stands first.
 */
export function dayTable(
  sessions: readonly SessionSummary[],
  coaches: readonly { readonly id: string; readonly name: string }[],
  ownId: string,
): DayTable {
  const busy = new Set(sessions.map(({ coachId }) => coachId));
  const shown = coaches.filter(({ id }) => id === ownId || busy.has(id));
  const columns = shown.toSorted((one, other) => Number(other.id === ownId) - Number(one.id === ownId));
  const times = [...new Set(sessions.map(sessionTime))];
  const rows = times.map((time) => {
    const then = sessions.filter((session) => sessionTime(session) === time);
    return { time, cells: columns.map(({ id }) => then.filter(({ coachId }) => coachId === id)) };
  });
  return { coaches: columns, rows };
}
