import type { Measured } from '@prompt-spark/core/people/measured';
import type { Seen } from '@prompt-spark/core/people/seen';
import { createHash } from 'node:crypto';
import type { DemoPerson } from './people.ts';

/** A past session of a group. */
export interface PastSession {
  readonly runId: string;
  /** YYYY-MM-DD at the site. */
  readonly day: string;
  readonly title: string;
  readonly daysAgo: number;
}

/** For how many weeks it was noted who came. */
const NOTED_DAYS = 56;

/**
 * What was seen of somebody in the sessions of their groups, the last one first: the same, whenever the demo is loaded. The
 * last session is still to be noted.
 */
export function seenOf(
  { name, isNew, niggles = [], technique = [], reached = [] }: DemoPerson,
  sessions: readonly PastSession[],
): readonly Seen[] {
  // Somebody who is new today was never here before.
  if (isNew) return [];
  const noted = sessions.filter(({ daysAgo }) => daysAgo <= NOTED_DAYS);
  const lastFirst = noted.toSorted((one, other) => one.daysAgo - other.daysAgo).slice(1);
  return lastFirst.map(({ runId, day, title }, at): Seen => {
    const did = technique.filter(({ sessionsAgo }) => sessionsAgo === at + 1);
    const counted = reached.filter(({ sessionsAgo }) => sessionsAgo === at + 1);
    const plain = {
      runId,
      day,
      title,
      where: null,
      side: null,
      pain: null,
      reached: counted.map(({ sessionsAgo: _, ...what }) => what),
      technique: did.map(({ sessionsAgo: _, ...how }) => how),
      effort: null,
      signs: [],
    };
    const niggle = niggles.find(({ sessionsAgo }) => sessionsAgo === at + 1);
    if (niggle) return { ...plain, state: 'niggle', where: niggle.where, side: niggle.side, pain: niggle.pain };
    if (did.length + counted.length > 0) return { ...plain, state: 'fine' };
    return { ...plain, state: chance(`${name} ${String(at)}`) < missesOf(name) ? 'not there' : 'fine' };
  });
}

/** What was measured of somebody, the last day first. */
export const measuredOf = ({ name, measured = [] }: DemoPerson, dayOf: (daysAgo: number) => string): Measured[] =>
  measured.map(({ daysAgo, ...values }) => {
    const id = uuidFrom(`${name} ${values.measureId} ${String(daysAgo)}`);
    return { id, day: dayOf(daysAgo), left: null, right: null, once: null, ...values };
  });

/** The share of sessions that somebody misses: some hardly any, some one in three. */
const missesOf = (name: string): number => 0.05 + 0.3 * chance(name);

/** A number from 0 to 1 that is the same for the same words. */
const chance = (words: string): number => createHash('sha256').update(words).digest().readUInt32BE() / 2 ** 32;

function uuidFrom(words: string): string {
  const hex = createHash('sha256').update(words).digest('hex');
  return [hex.slice(0, 8), hex.slice(8, 12), `4${hex.slice(13, 16)}`, `8${hex.slice(17, 20)}`, hex.slice(20, 32)].join(
    '-',
  );
}
