import type { BeatsPerMinute, Seconds } from '../units.ts';

/** Years of age. */
export type Years = number;

/** Highest pulse expected at an age: Tanaka, Monahan & Seals, J Am Coll Cardiol 2001;37:153–156. */
export function highestPulse(age: Years): BeatsPerMinute {
  return 208 - 0.7 * age;
}

/** The older form, 220 less the age (Fox, Naughton & Haskell, Ann Clin Res 1971;3:404–432; from memory). */
export function highestPulseByTwoTwenty(age: Years): BeatsPerMinute {
  return 220 - age;
}

/** Shares of the heart-rate reserve (ACSM's Guidelines for Exercise Testing and Prescription). */
export const ZONES = {
  light: [0.3, 0.4],
  moderate: [0.4, 0.6],
  vigorous: [0.6, 0.9],
} as const;
export type Zone = keyof typeof ZONES;

/** The pulse at a share of the reserve between rest and highest (Karvonen, Kentala & Mustala 1957). */
export function pulseAtReserve(share: number, rest: BeatsPerMinute, highest: BeatsPerMinute): BeatsPerMinute {
  return rest + share * (highest - rest);
}

/** The zone a pulse lies in; undefined under light and over vigorous. */
export function zoneOf(pulse: BeatsPerMinute, rest: BeatsPerMinute, highest: BeatsPerMinute): Zone | undefined {
  const share = (pulse - rest) / (highest - rest);
  if (share < ZONES.light[0] || share >= ZONES.vigorous[1]) return undefined;
  return share < ZONES.moderate[0] ? 'light' : share < ZONES.vigorous[0] ? 'moderate' : 'vigorous';
}

/** Somebody whose pulse is estimated. */
export interface Heart {
  readonly rest: BeatsPerMinute;
  readonly highest: BeatsPerMinute;
  /** Energy cost at the highest pulse, in METs. */
  readonly metMost: number;
}

/** Time constants of the pulse, rising and falling. Textbook order of magnitude, from memory. */
const RISING: Seconds = 45;
const FALLING: Seconds = 60;

/** The pulse that a steady cost ends up at: the same share of the reserve as of the METs above rest. */
export function steadyPulse(met: number, { rest, highest, metMost }: Heart): BeatsPerMinute {
  const share = Math.max(0, Math.min(1, (met - 1) / (metMost - 1)));
  return rest + share * (highest - rest);
}

/** The pulse after some seconds at a steady cost: first-order approach, solved exactly. */
export function pulseAfter(from: BeatsPerMinute, met: number, seconds: Seconds, heart: Heart): BeatsPerMinute {
  const steady = steadyPulse(met, heart);
  const constant = steady >= from ? RISING : FALLING;
  return steady + (from - steady) * Math.exp(-seconds / constant);
}
