import { clockWords as clock } from '@prompt-spark/core/clockWords';
import { rangeWords } from '@prompt-spark/core/rangeWords';
import { amountWords } from './doses.ts';
import type { Amount } from '@prompt-spark/core/circuit/amount';
import type { Dose } from '@prompt-spark/core/dose/dose';
import { targets } from './targets.ts';
import type { Kept } from '@prompt-spark/core/fit/outcome/kept';
import type { MoveFacts } from '@prompt-spark/core/fit/outcome/moveFacts';
import { capital } from '../capital.ts';

type Facts<Kind extends MoveFacts['kind']> = Extract<MoveFacts, { kind: Kind }>;
type Holds<Kind extends Kept['kind']> = Extract<Kept, { kind: Kind }>;

const amount = ({ slot, drill, floor }: Amount): string => amountWords(slot, drill, floor);
const times = (count: number): string =>
  ['not at all', 'once through', 'twice', 'three times'][count] ?? `${count} times`;

/** A name within a sentence: one that begins with a letter of its own, such as “T-spine”, keeps it. */
const within = (name: string): string =>
  /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;

/** An interval or a count by itself. */
function bare(dose: Dose): string {
  if (dose.kind === 'time') return `${rangeWords(dose.seconds)} s`;
  return dose.kind === 'reps' ? rangeWords(dose.count) : '';
}

/** How sides are taken, as it ends an amount. What stays is not said twice: “3 a side instead of 5”. */
const HOW_SIDES = [', alternating', ' a side', ' each way'] as const;

function less(now: string, before: string): string {
  const [fewer, planned] = HOW_SIDES.reduce(
    ([one, other], end) => {
      if (!one.endsWith(end) || !other.endsWith(end)) return [one, other];
      return [end === HOW_SIDES[0] ? one.slice(0, -end.length) : one, other.slice(0, -end.length)];
    },
    [now, before],
  );
  return `${fewer} instead of ${planned}`;
}

/** What a fit changes, as a coach would say it, and what it holds to. */
export const moves = {
  changes: {
    'names only': () => 'Names only: everybody knows the drills',
    rounds: ({ phase, before, now }: Facts<'rounds'>) => `${capital(phase)} ${times(now)} instead of ${times(before)}`,
    rest: ({ phase, now }: Facts<'rest'>) => `${capital(phase)} with ${now === 'none' ? 'no rest' : 'half the rest'}`,
    'stations out': ({ phase }: Facts<'stations out'>) => `The stations of ${phase} left out`,
    out: ({ drill, extra, target, server }: Facts<'out'>) => {
      if (target === null) return `${drill} left out`;
      const lost = extra ? `, and the ${extra.more} more on the ${extra.side} with it` : '';
      const covers = server === null ? 'nothing else covers' : `${within(server)} still covers`;
      return `${drill} left out${lost}; ${covers} the ${targets[target]}`;
    },
    combined: ({ amount: done, inPlaceOf, shownFirst }: Facts<'combined'>) =>
      `${done.drill.name}, ${amount(done)}, in place of ${inPlaceOf.map(within).join(' and ')}${shownFirst ? '; new to them, so show it first' : ''}`,
    interval: ({ phase, before, now }: Facts<'interval'>) =>
      `${capital(phase)}: ${bare(now)} each instead of ${bare(before)}`,
    sides: ({ drill, sideWord, before, now }: Facts<'sides'>) => {
      const ways = sideWord === 'way' ? 'ways' : 'sides';
      return now === 'both'
        ? `${drill}: both ${ways} at once instead of ${before === 'each' ? 'one after the other' : 'in turn'}`
        : `${drill}: ${ways} alternating instead of one after the other`;
    },
    dose: ({ before, now }: Facts<'dose'>) => `${before.drill.name}: ${less(amount(now), amount(before))}`,
  },
  kept: {
    part: ({ phase, drills, work }: Holds<'part'>) =>
      `${capital(phase)} still has ${drills.map((drill) => drill.toLowerCase()).join(', ')}: ${clock(work)} of work.`,
    pinned: ({ drills }: Holds<'pinned'>) =>
      `Kept because you said so: ${drills.map((drill) => drill.toLowerCase()).join(', ')}.`,
    raised: ({ seconds }: Holds<'raised'>) => `${clock(seconds)} of raising before the fast work.`,
    ceilings: () => 'Nobody is given anything they may not do.',
  },
};
