import type { Hindrance } from '@prompt-spark/core/fit/search/shortest';
import type { Seconds } from '@prompt-spark/core/units';
import { clock } from '../wording/clock.ts';
import { phaseName } from '../wording/phases.ts';
import { say } from './say.ts';

/** Seconds saved as read: 0:26, or +0:04 where it takes longer. Half seconds are shown: they add up. */
export function saved(seconds: Seconds): string {
  const size = Math.abs(seconds);
  const words = clock(Math.floor(size)) + (Number.isInteger(size) ? '' : '½');
  return seconds < 0 ? `+${words}` : words;
}

/** A share lost or added as read: −4 %, under 1 % with a decimal. */
export function shareWords(share: number): string {
  const percent = Math.abs(100 * share);
  const size = percent >= 0.95 || percent === 0 ? Math.round(percent) : Number(percent.toFixed(1));
  if (size === 0) return '0 %';
  return `${share > 0 ? '−' : '+'}${String(size)} %`;
}

/** What stands in the way of a shorter plan, in words. */
export function hindranceWords(one: Hindrance): string {
  const what =
    one.kind === 'pin' ? say.fitWords.whichIsKept(one.drill) : say.fitWords.essentialPart(phaseName(one.phase));
  return one.saves > 0 ? `${what} (${saved(one.saves)})` : what;
}

const FIVE_MINUTES: Seconds = 300;

/** Seconds to begin a fit with: the minutes there are where they are fewer, else five, else two thirds of what is planned. */
export function firstBudget(planned: Seconds, available: Seconds): Seconds {
  if (available > 0 && available < planned) return available;
  return planned > FIVE_MINUTES ? FIVE_MINUTES : Math.max(5, Math.round((planned * 2) / 15) * 5);
}
