import type { Seconds } from '../units.ts';
import type { Approach } from './approach.ts';
import type { MainSession } from './mainSession.ts';

/**
 * The longest hold for one muscle group before fast or martial work, added up, and from where it is objected to. Strength
 * and speed fall with the length of a hold (Behm et al. 2016, from memory); these two numbers are common practice, no source.
 */
const SHORT = { warn: 20, stop: 45 } as const;

/** How long one muscle group may be held: a warning above the first, an objection from the second. */
export interface HoldCaps {
  readonly warn: Seconds;
  readonly stop: Seconds;
}

/** What an approach allows of holds before a session; undefined where the session is for range and allows any. */
export function holdCaps({ caps }: Approach, session: MainSession | undefined): HoldCaps | undefined {
  switch (session?.holds) {
    case 'free':
      return undefined;
    case 'short':
      return { warn: Math.min(caps.holdWarn, SHORT.warn), stop: Math.min(caps.holdStop, SHORT.stop) };
    default:
      return { warn: caps.holdWarn, stop: caps.holdStop };
  }
}
