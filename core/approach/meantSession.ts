import { lazily } from '../lazily.ts';
import { remembered } from '../remembered.ts';
import { nameWords } from '../reading/words.ts';
import type { Target } from '../drills/target.ts';
import type { HoldsBefore, MainSession } from './mainSession.ts';
import { MAIN_SESSIONS } from './mainSessions.ts';

/**
 * The main session that a coach's words mean, by whole words whatever their endings: "rowing" is not in "throwing". Of
 * several, "squat and press", it is all of them together. Undefined where no word of it is known.
 */
export function mainSessionOf(
  purpose: string,
  sessions: readonly MainSession[] = MAIN_SESSIONS,
): MainSession | undefined {
  return together(sessionsMeant(purpose, sessions));
}

/** The main sessions that a coach's words mean, each by itself. */
export function sessionsMeant(words: string, sessions: readonly MainSession[] = MAIN_SESSIONS): readonly MainSession[] {
  const said = rootsOf(words);
  if (said.length === 0) return [];
  const meant = meantIn(said, sessions);
  const specific = meant.filter(({ roots }) => !general().has(roots.join(' ')));
  const named = new Set((specific.length > 0 ? specific : meant).flatMap((found) => found.sessions));
  return sessions.filter((session) => named.has(session));
}

/** Words that say little where something else is said: a boxing class is boxing. */
const general = lazily(
  () =>
    new Set(
      [
        'strength',
        'circuit',
        'mixed',
        'class',
        'conditioning',
        'general',
        'work',
        'lifting',
        'fitness',
        'workout',
        'cardio',
        'functional',
        'field',
        'stretch',
        'break',
      ].map((word) => rootsOf(word).join(' ')),
    ),
);

function rootsOf(text: string): readonly string[] {
  return nameWords(text.toLowerCase());
}

/** Words said, with the sessions that they mean. */
interface Meant {
  readonly roots: readonly string[];
  readonly sessions: readonly MainSession[];
}

/** What is meant by words, the longest run of them first: "leg press" is no press. A studio's own word means its own session alone. */
function meantIn(said: readonly string[], sessions: readonly MainSession[]): readonly Meant[] {
  const left = [...said];
  const phrases = phrasesOf(sessions).toSorted((one, other) => other.roots.length - one.roots.length);
  return phrases.filter(({ roots }) => {
    const at = left.findIndex((_, from) => roots.every((root, index) => left[from + index] === root));
    if (at < 0) return false;
    left.splice(at, roots.length, ...roots.map(() => ''));
    return true;
  });
}

/** Every word and name of some sessions, once each. */
const phrasesOf = remembered((sessions: readonly MainSession[]): readonly Meant[] => {
  const shipped = new Set(MAIN_SESSIONS);
  const byRoots = new Map<string, MainSession[]>();
  for (const session of sessions) {
    for (const phrase of new Set([session.name, ...session.words].map((text) => rootsOf(text).join(' ')))) {
      if (phrase !== '') byRoots.set(phrase, [...(byRoots.get(phrase) ?? []), session]);
    }
  }
  return [...byRoots].map(([phrase, all]): Meant => {
    const own = all.filter((session) => !shipped.has(session));
    return { roots: phrase.split(' '), sessions: own.length > 0 ? own : all };
  });
});

/** Several sessions as one: it needs of each target what the one needs that needs most of it. */
function together(sessions: readonly MainSession[]): MainSession | undefined {
  const [first, ...others] = sessions;
  if (!first || others.length === 0) return first;
  const needs = new Map<Target, number>();
  for (const session of sessions) {
    for (const [target, need] of Object.entries(session.needs) as [Target, number][])
      needs.set(target, Math.max(need, needs.get(target) ?? 0));
  }
  return {
    id: sessions.map(({ id }) => id).join('+'),
    name: sessions.map(({ name }) => name).join(' and '),
    words: [],
    needs: Object.fromEntries(needs),
    holds: strictest(sessions),
  };
}

/** What several sessions allow of holds together: what each of them allows. */
function strictest(sessions: readonly MainSession[]): HoldsBefore {
  const order: readonly HoldsBefore[] = ['short', 'usual', 'free'];
  return order.find((holds) => sessions.some((session) => session.holds === holds)) ?? 'usual';
}
