/** A length of time in seconds; integers or multiples of 0.5 wherever a coach can see it. */
export type Seconds = number;
/** A length in metres. */
export type Metres = number;
/** A speed in metres a second. */
export type MetresPerSecond = number;
/** A mile, exactly (international yard and pound agreement, 1959). */
export const METRES_PER_MILE: Metres = 1609.344;
/** A pulse. */
export type BeatsPerMinute = number;
/** A share in hundredths. */
export type Percent = number;
/** A speed on foot. */
export type MetresPerMinute = number;
/** Perceived effort on the 0–10 category-ratio scale. */
export type Effort = number;
/** A whole number of repetitions, sets, rounds or people. */
export type Count = number;

/** A number a coach may leave open, such as 8–10. A settled number has `low` equal to `high`. */
export interface Range {
  readonly low: number;
  readonly high: number;
}

/** What a total comes to when every open number is at its low, its planned or its high end. */
export interface Spread {
  readonly low: Seconds;
  readonly plan: Seconds;
  readonly high: Seconds;
}

/** Which end of every range counts. */
export type Level = keyof Spread;

/** A settled number as a range: `just(8)` is 8–8. */
export function just(value: number): Range {
  return { low: value, high: value };
}

/** Rounds up to the next half second, forgiving floating-point dust below a millionth. */
export function ceilToHalfSecond(seconds: Seconds): Seconds {
  return Math.ceil(seconds * 2 - 1e-6) / 2;
}

/** The number of repetitions, sets or rounds at a level; the plan is the midpoint, halves up (8–10 → 9, 10–15 → 13). */
export function countAt(range: Range, level: Level): Count {
  return level === 'plan' ? Math.floor((range.low + range.high) / 2 + 0.5) : range[level];
}

/** The seconds at a level; the plan is the midpoint, rounded up to the half second. */
export function secondsAt(range: Range, level: Level): Seconds {
  return level === 'plan' ? ceilToHalfSecond((range.low + range.high) / 2) : range[level];
}

/** Evaluates `measure` at low, plan and high. */
export function spreadOf(measure: (level: Level) => Seconds): Spread {
  return { low: measure('low'), plan: measure('plan'), high: measure('high') };
}
