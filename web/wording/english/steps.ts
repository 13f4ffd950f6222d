import type { StepFacts } from '@prompt-spark/core/progress/stepFacts';
import { capital } from '../capital.ts';
import { rangeWords } from '@prompt-spark/core/rangeWords';
import { amountWords } from './doses.ts';

type Of<Kind extends StepFacts['kind']> = Extract<StepFacts, { kind: Kind }>;

/** What a step up or down changes, in a breath. */
export const steps = {
  rounds: ({ phase, before, now }: Of<'rounds'>) =>
    `${capital(phase)}: ${now.high === 1 ? '1 round' : `${rangeWords(now)} rounds`} instead of ${rangeWords(before)}`,
  version: ({ before, now }: Of<'version'>) => `${now} instead of ${before}`,
  amount: ({ drill, before, now }: Of<'amount'>) => {
    const next = amountWords({ ...now.slot, sides: 'both' }, now.drill, now.floor);
    // Sides stay as they are, so they are said once, with what it was.
    const sides = before.slot.sides === 'both' ? 'both' : 'each';
    return `${drill} ${next} instead of ${amountWords({ ...before.slot, sides }, before.drill, before.floor)}`;
  },
};
