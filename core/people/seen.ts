import { compareText } from '../compareText.ts';
import type { Reached } from './reached.ts';
import type { Region } from './region.ts';
import type { Technique } from './technique.ts';

/** How somebody came through a warm-up. */
export const SEEN_STATES = ['fine', 'niggle', 'stopped', 'not there'] as const;
export type SeenState = (typeof SEEN_STATES)[number];
export const SEEN_SIDES = ['left', 'right', 'both'] as const;
export type SeenSide = (typeof SEEN_SIDES)[number];

/** By what a coach tells that somebody is warm. Common practice, no source. */
export const WARM_SIGNS = ['sweat', 'breath', 'ready'] as const;
export type WarmSign = (typeof WARM_SIGNS)[number];

/** What a coach saw of somebody in one run. */
export interface Seen {
  readonly runId: string;
  /** YYYY-MM-DD at the site. */
  readonly day: string;
  /** What was run, by the name it had. */
  readonly title: string;
  readonly state: SeenState;
  /** Where, for a niggle or a stop; null where not said. */
  readonly where: Region | null;
  readonly side: SeenSide | null;
  /** How much it hurt, 0–10; null where not said. */
  readonly pain: number | null;
  /** What they reached in drills that were counted. */
  readonly reached: readonly Reached[];
  readonly technique: readonly Technique[];
  /** How hard it was for them, 0–10; null where nobody asked. */
  readonly effort: number | null;
  readonly signs: readonly WarmSign[];
}

/** The most that is kept of one person: about four a week for a year. */
export const MOST_SEEN = 200;

/** What was seen of somebody in a run; undefined where nothing was noted. */
export const seenIn = (seen: readonly Seen[], runId: string): Seen | undefined =>
  seen.find((one) => one.runId === runId);

/** With what was seen in a run noted, in place of what was noted of that run before; the last day first. */
export function withSeen(seen: readonly Seen[], next: Seen): readonly Seen[] {
  const others = seen.filter(({ runId }) => runId !== next.runId);
  return [next, ...others].toSorted((one, other) => compareText(other.day, one.day)).slice(0, MOST_SEEN);
}

/** The graver of two states, as somebody is remembered who was seen twice in one class. */
const GRAVITY: readonly SeenState[] = ['not there', 'fine', 'niggle', 'stopped'];

/** With what was seen in some runs noted of one run instead, as where two records of one class are joined: the gravest of it. */
export function withSeenIn(seen: readonly Seen[], runIds: readonly string[], runId: string): readonly Seen[] {
  const noted = seen.filter((one) => runIds.includes(one.runId));
  const [gravest] = noted.toSorted((one, other) => GRAVITY.indexOf(other.state) - GRAVITY.indexOf(one.state));
  if (!gravest) return seen;
  const others = seen.filter((one) => !runIds.includes(one.runId));
  // What was noted in either is noted in the one; of one drill what the graver record says.
  const lastly = [...noted.filter((one) => one !== gravest), gravest];
  return withSeen(others, {
    ...gravest,
    runId,
    reached: ofEachDrill(lastly.flatMap((one) => one.reached)),
    technique: ofEachDrill(lastly.flatMap((one) => one.technique)),
    effort: gravest.effort ?? noted.find(({ effort }) => effort !== null)?.effort ?? null,
    signs: WARM_SIGNS.filter((sign) => noted.some(({ signs }) => signs.includes(sign))),
  });
}

/** The last of each drill. */
const ofEachDrill = <Noted extends { readonly drillId: string }>(all: readonly Noted[]): readonly Noted[] => [
  ...new Map(all.map((one) => [one.drillId, one])).values(),
];

/** Another state in a run: what hurt, and where, belongs to a niggle or a stop alone; who was not there did nothing. */
export function inState(seen: Seen, state: SeenState): Seen {
  if (isTrouble({ state })) return { ...seen, state };
  const unhurt = { ...seen, state, where: null, side: null, pain: null };
  return state === 'fine' ? unhurt : { ...unhurt, reached: [], technique: [], effort: null, signs: [] };
}

/** Whether it says something of somebody's health. */
export const isTrouble = ({ state }: Pick<Seen, 'state'>): boolean => state === 'niggle' || state === 'stopped';

/** The last niggle or stop, where it was the last time that somebody was there. */
export function lastTrouble(seen: readonly Seen[]): Seen | undefined {
  const last = seen.find(({ state }) => state !== 'not there');
  return last && isTrouble(last) ? last : undefined;
}
