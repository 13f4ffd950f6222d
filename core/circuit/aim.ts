import type { Dose } from '../dose/dose.ts';
import type { Count } from '../units.ts';

/** How many people aim at inside the seconds that all share: on the gentler track, as planned, and who wants more. */
export interface Aim {
  readonly gentler: Count;
  readonly planned: Count;
  readonly more: Count;
}

/** Whether people can aim at a number there: it is done for a time. */
export const takesAim = ({ kind }: Dose): boolean => kind === 'time' || kind === 'feel';

/** An aim in a few words: "6, 10 or 15", or "12" where all aim at the same. */
export function aimWords({ gentler, planned, more }: Aim): string {
  const amounts = [...new Set([gentler, planned, more])].map(String);
  const last = amounts.pop() ?? '';
  return amounts.length > 0 ? `${amounts.join(', ')} or ${last}` : last;
}

/** What those aim at who do a slot as planned: the gentler number is left out where a gentler track has it. */
export const mainAimWords = (aim: Aim, withGentler: boolean): string =>
  aimWords(withGentler ? { ...aim, gentler: aim.planned } : aim);
