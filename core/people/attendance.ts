import { compareText } from '../compareText.ts';
import type { Person } from './person.ts';
import { seenIn, type SeenState } from './seen.ts';

/** One of a group's sessions, as far as attendance goes. */
export interface HeldSession {
  readonly runId: string;
  readonly day: string;
}

/** Who came: there, not there, or nobody noted it. It says nothing of how they were. */
export type Presence = 'there' | 'not there' | 'not noted';

/** How somebody came to a group's sessions. */
export interface Attendance {
  readonly personId: string;
  readonly name: string;
  /** In the order of the sessions. */
  readonly presences: readonly Presence[];
  readonly there: number;
  /** How many of the sessions were noted for them. */
  readonly noted: number;
  /** Sessions in a row that they were noted as not there, counted from the last one noted. */
  readonly missedLately: number;
}

/** How each of a group came to its sessions, in the order of the people. */
export function attendanceOf(
  people: readonly Pick<Person, 'id' | 'name' | 'seen'>[],
  sessions: readonly HeldSession[],
): readonly Attendance[] {
  const inOrder = sessions.map(({ runId }) => runId);
  const lastFirst = sessions.toSorted((one, other) => compareText(other.day, one.day)).map(({ runId }) => runId);
  return people.map(({ id, name, seen }) => {
    const presenceIn = (runId: string): Presence => presenceFrom(seenIn(seen, runId)?.state);
    const presences = inOrder.map(presenceIn);
    const noted = lastFirst.map(presenceIn).filter((presence) => presence !== 'not noted');
    const back = noted.indexOf('there');
    return {
      personId: id,
      name,
      presences,
      there: noted.filter((presence) => presence === 'there').length,
      noted: noted.length,
      missedLately: back < 0 ? noted.length : back,
    };
  });
}

function presenceFrom(state: SeenState | undefined): Presence {
  if (state === undefined) return 'not noted';
  return state === 'not there' ? 'not there' : 'there';
}
