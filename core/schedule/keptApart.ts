import { lazily } from '../lazily.ts';
import type { MainSession } from '../approach/mainSession.ts';
import { MAIN_SESSIONS } from '../approach/mainSessions.ts';
import { sessionsMeant } from '../approach/meantSession.ts';
import { nameWords } from '../reading/words.ts';
import type { Seconds } from '../units.ts';

/** A session of the book with what its circuit is kept apart from. */
export interface SetApart {
  readonly id: string;
  /** Null where it is for nobody in particular: nobody can be said to come to both. */
  readonly groupId: string | null;
  /** Seconds since 1970, UTC. */
  readonly startsAt: Seconds;
  readonly lasts: Seconds;
  readonly purpose: string;
  readonly notBefore: string;
  readonly notAfter: string;
}

/** Two sessions where one keeps apart from the other: "not before fast work". */
export interface TooClose<Other extends SetApart> {
  readonly with: Other;
  readonly says: string;
  /** The one that says so. */
  readonly of: SetApart;
}

/** Sessions further apart than this do nothing to each other. Common practice, no source. */
const SHORTLY: Seconds = 3 * 3600;

/** The sessions of the same group that come shortly before or after one, where either keeps apart from the other. */
export function tooClose<Other extends SetApart>(
  one: SetApart,
  others: readonly Other[],
  sessions: readonly MainSession[] = MAIN_SESSIONS,
): readonly TooClose<Other>[] {
  return others.flatMap((other) => {
    if (other.id === one.id || other.groupId === null || other.groupId !== one.groupId) return [];
    const [earlier, later]: readonly [SetApart, SetApart] =
      one.startsAt <= other.startsAt ? [one, other] : [other, one];
    if (later.startsAt - (earlier.startsAt + earlier.lasts) > SHORTLY) return [];
    const found: TooClose<Other>[] = [];
    if (isKeptFrom(earlier.notBefore, later.purpose, sessions))
      found.push({ with: other, says: `not before ${earlier.notBefore}`, of: earlier });
    if (isKeptFrom(later.notAfter, earlier.purpose, sessions))
      found.push({ with: other, says: `not after ${later.notAfter}`, of: later });
    return found;
  });
}

/** Whether what a circuit is kept from is what another session is for, both in a coach's words. */
export function isKeptFrom(kept: string, purpose: string, sessions: readonly MainSession[] = MAIN_SESSIONS): boolean {
  if (kept === '') return false;
  const meant = new Set(meaningsOf(purpose, sessions));
  return kept.split(PARTS).some((part) => {
    // To keep something from fast work is not to keep it from an easy run.
    const against = has(part, fastWords()) ? [FAST] : namedBy(part, sessions);
    return against.some((meaning) => meant.has(meaning));
  });
}

const PARTS = /,|\bor\b|\band\b/i;
const FAST = 'fast';
/** Words for what is done as fast or as hard as can be. Common practice, no source. */
const fastWords = lazily(() =>
  rootsOf('fast speed sprint jump hop bound plyo plyometric explosive power throw agility'),
);
/** Fast as well, but who says one of these means it and no other fast work. */
const combatWords = lazily(() => rootsOf('sparring boxing martial kick'));

function rootsOf(words: string): ReadonlySet<string> {
  return new Set(nameWords(words));
}

const has = (words: string, roots: ReadonlySet<string>): boolean =>
  nameWords(words.toLowerCase()).some((word) => roots.has(word));

/** The main sessions that words name, by id; the words themselves where no session is known by them. */
function namedBy(words: string, sessions: readonly MainSession[]): readonly string[] {
  const plain = nameWords(words.toLowerCase()).join(' ');
  if (plain === '') return [];
  const meant = sessionsMeant(words, sessions).map(({ id }) => id);
  return meant.length > 0 ? meant : [`said: ${plain}`];
}

/** What a session is: those that its words name, and fast work where it is some. */
function meaningsOf(words: string, sessions: readonly MainSession[]): readonly string[] {
  const named = namedBy(words, sessions);
  return has(words, fastWords()) || has(words, combatWords()) ? [...named, FAST] : named;
}
