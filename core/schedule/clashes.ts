import type { Seconds } from '../units.ts';

/** A warm-up in the book, as far as it may meet another. */
export interface Held {
  readonly id: string;
  /** Seconds since 1970, UTC. */
  readonly startsAt: Seconds;
  readonly lasts: Seconds;
  readonly coachId: string;
  /** Null where no place is said. */
  readonly siteId: string | null;
}

/** Two warm-ups at one time that need the same coach, the same place, or both. */
export interface Clash<Other extends Held> {
  readonly with: Other;
  readonly of: 'coach' | 'site' | 'both';
}

/** What a warm-up clashes with, in the order given: what it overlaps in time and has its coach or its place. Itself is none. */
export function clashesOf<Other extends Held>(one: Held, others: readonly Other[]): readonly Clash<Other>[] {
  return others
    .filter((other) => other.id !== one.id && overlap(one, other))
    .flatMap((other) => {
      const coach = other.coachId === one.coachId;
      const site = one.siteId !== null && other.siteId === one.siteId;
      if (!coach && !site) return [];
      return [{ with: other, of: coach && site ? 'both' : coach ? 'coach' : 'site' } as const];
    });
}

/** One that ends as the other begins does not overlap it. */
function overlap(one: Held, other: Held): boolean {
  return one.startsAt < other.startsAt + other.lasts && other.startsAt < one.startsAt + one.lasts;
}
