import type { Dose } from '../dose/dose.ts';
import type { Seconds } from '../units.ts';
import type { Motion } from './motion.ts';

/** How long one loop of a motion takes: the way out, the wait at its end, and the way back. */
export interface Beat {
  readonly out: Seconds;
  readonly wait: Seconds;
  readonly back: Seconds;
}

/** Seconds of one loop of a beat. */
export const beatSeconds = ({ out, wait, back }: Beat): Seconds => out + wait + back;

/**
 * The beat of a motion at a dose: counted doses move at their tempo, a lowering, holding and lifting tempo waits at the end
 * of the way out, and all others take the motion's natural time.
 */
export function beatOf(motion: Motion, dose: Dose): Beat {
  if (dose.kind !== 'reps') return evenBeat(motion.natural);
  const { tempo } = dose;
  if (tempo.kind === 'even') return evenBeat(tempo.seconds * motion.reps);
  return { out: tempo.lower * motion.reps, wait: tempo.hold * motion.reps, back: tempo.lift * motion.reps };
}

function evenBeat(loop: Seconds): Beat {
  return { out: loop / 2, wait: 0, back: loop / 2 };
}
