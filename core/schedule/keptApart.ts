import type { MainSession } from '../approach/mainSession.ts';
import { MAIN_SESSIONS } from '../approach/mainSessions.ts';
import { sessionsMeant } from '../approach/meantSession.ts';
import { nameWords } from '../reading/words.ts';
import type { Seconds } from '../units.ts';

/** A session of the book with the marks of its circuit. */
export interface Marked {
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

/** Two sessions that one of them is marked against: "not before fast work". */
export interface AgainstMark<Other extends Marked> {
  readonly with: Other;
  readonly mark: string;
  /** Whose mark it is. */
  readonly of: Marked;
}

/** Sessions further apart than this do nothing to each other. Common practice, no source. */
const SHORTLY: Seconds = 3 * 3600;

/** The sessions of the same group that come shortly before or after one, where either is marked against the other. */
export function againstMarks<Other extends Marked>(
  one: Marked,
  others: readonly Other[],
  sessions: readonly MainSession[] = MAIN_SESSIONS,
): readonly AgainstMark<Other>[] {
  return others.flatMap((other) => {
    if (other.id === one.id || other.groupId === null || other.groupId !== one.groupId) return [];
    const [earlier, later]: readonly [Marked, Marked] = one.startsAt <= other.startsAt ? [one, other] : [other, one];
    if (later.startsAt - (earlier.startsAt + earlier.lasts) > SHORTLY) return [];
    const found: AgainstMark<Other>[] = [];
    if (isKeptFrom(earlier.notBefore, later.purpose, sessions))
      found.push({ with: other, mark: `not before ${earlier.notBefore}`, of: earlier });
    if (isKeptFrom(later.notAfter, earlier.purpose, sessions))
      found.push({ with: other, mark: `not after ${later.notAfter}`, of: later });
    return found;
  });
}

/** Whether a mark speaks against what another session is for, both in a coach's words. */
export function isKeptFrom(mark: string, purpose: string, sessions: readonly MainSession[] = MAIN_SESSIONS): boolean {
  const meant = new Set(meaningsOf(purpose, sessions));
  return mark.split(PARTS).some((part) => {
    // To keep something from fast work is not to keep it from an easy run.
    const against = isFast(part) ? [FAST] : meaningsOf(part, sessions);
    return against.some((meaning) => meant.has(meaning));
  });
}

const PARTS = /,|\bor\b|\band\b/i;
const FAST = 'fast';
/** Words for what is done as fast or as hard as can be. Common practice, no source. */
const FAST_WORDS = new Set(
  [
    'fast',
    'speed',
    'sprint',
    'jump',
    'hop',
    'bound',
    'plyo',
    'plyometric',
    'explosive',
    'power',
    'throw',
    'agility',
    'sparring',
    'boxing',
    'martial',
    'kick',
  ].flatMap((word) => nameWords(word)),
);

const isFast = (words: string): boolean => nameWords(words.toLowerCase()).some((word) => FAST_WORDS.has(word));

/** What words mean: main sessions by id, fast work; the words themselves where no session is known by them. */
function meaningsOf(words: string, sessions: readonly MainSession[]): readonly string[] {
  const plain = nameWords(words.toLowerCase()).join(' ');
  if (plain === '') return [];
  const meant = sessionsMeant(words, sessions).map(({ id }) => id);
  const all = isFast(words) ? [...meant, FAST] : meant;
  return all.length > 0 ? all : [`said: ${plain}`];
}
