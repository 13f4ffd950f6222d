import type { MarkKind } from '@prompt-spark/core/session/marks';
import type { StepReason } from '@prompt-spark/core/progress/nextStep';

const MARKED: Readonly<Record<MarkKind, string>> = {
  niggle: 'Somebody felt a niggle last time.',
  fault: 'The usual fault was seen again last time.',
  'too easy': 'It was too easy last time.',
  'too hard': 'It was too hard last time.',
  stopped: 'Somebody stopped last time.',
};

/** Why the next time is to be another, in a sentence. */
export function stepReasonWords(reason: StepReason): string {
  switch (reason.kind) {
    case 'easy':
      return `It was easy the last ${reason.runs === 2 ? 'two' : String(reason.runs)} times.`;
    case 'hard':
      return `It was hard last time: effort ${String(reason.effort)} of 10.`;
    case 'marked':
      return MARKED[reason.mark];
    case 'break':
      return `The last time was ${String(Math.round(reason.days / 7))} weeks ago.`;
    case 'sore':
      return 'It was easy the last times, but people are sore today: leave it as it is.';
  }
}
