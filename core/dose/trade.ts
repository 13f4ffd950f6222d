import type { Seconds } from '../units.ts';

/** Seconds for one repetition where neither the coach nor the drill says. Common practice, no source. */
export const USUAL_REP_SECONDS: Seconds = 3;
/** Seconds to move into a held position. Common practice, no source. */
export const USUAL_HOLD_MOVE_SECONDS: Seconds = 2;
/** Rest between sets of one slot. Common practice, no source. */
export const USUAL_SET_REST_SECONDS: Seconds = 10;
/** Rest between the sets of a climb to a lift: time to load the bar. Common practice, no source. */
export const USUAL_LIFT_REST_SECONDS: Seconds = 60;

/** The rest between sets where nobody says. */
export function usualSetRest({ kind }: { readonly kind: string }): Seconds {
  return kind === 'lift' ? USUAL_LIFT_REST_SECONDS : USUAL_SET_REST_SECONDS;
}
