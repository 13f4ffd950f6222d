import type { Effort, Seconds, BeatsPerMinute } from '../units.ts';
import type { Timeline } from '../timeline/timeline.ts';
import { highestPulse, pulseAfter, type Heart, type Years } from './pulse.ts';

/** Energy cost of standing about between drills, and of walking to the next. Compendium 20030 and 17151, from memory. */
const RESTING_MET = 1.3;
const READY_MET = 2;
/** A resting pulse and a fitness nobody has told us otherwise. Common practice, no source. */
const USUAL_REST: BeatsPerMinute = 65;
const USUAL_MET_MOST = 10;

/** Where effort and pulse stand at a moment. */
export interface EffortPoint {
  readonly at: Seconds;
  /** Planned, 0–10; 0 between drills. */
  readonly effort: Effort;
  /** Estimated for the eldest and the youngest of the group. */
  readonly pulse: readonly [eldest: BeatsPerMinute, youngest: BeatsPerMinute];
}

export interface EffortCurve {
  readonly points: readonly EffortPoint[];
  readonly hearts: readonly [eldest: Heart, youngest: Heart];
}

/** The heart of somebody of an age, all else being usual. */
export function usualHeart(age: Years): Heart {
  return { rest: USUAL_REST, highest: highestPulse(age), metMost: USUAL_MET_MOST };
}

/**
 * Planned effort and estimated pulse along a timeline: one point at each end of every segment, and one every `every` seconds
 * between. An estimate, to be labelled so; it does not hold for people whose pulse does not tell.
 */
export function effortOf(
  timeline: Timeline,
  ages: readonly [eldest: Years, youngest: Years],
  every: Seconds = 5,
): EffortCurve {
  const hearts: readonly [Heart, Heart] = [usualHeart(ages[0]), usualHeart(ages[1])];
  let pulse: readonly [BeatsPerMinute, BeatsPerMinute] = [hearts[0].rest, hearts[1].rest];
  const points: EffortPoint[] = [];
  for (const segment of timeline.segments) {
    const { kind, start, length } = segment;
    const works = kind === 'work';
    const met = works ? segment.met : kind === 'ready' ? READY_MET : RESTING_MET;
    const effort = works ? segment.effort : 0;
    const from = pulse;
    const at = (into: Seconds): EffortPoint => ({
      at: start + into,
      effort,
      pulse: [pulseAfter(from[0], met, into, hearts[0]), pulseAfter(from[1], met, into, hearts[1])],
    });
    for (let into = 0; into < length; into += every) points.push(at(into));
    const end = at(length);
    points.push(end);
    pulse = end.pulse;
  }
  return { points, hearts };
}
