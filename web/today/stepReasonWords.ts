import type { MarkKind } from '@prompt-spark/core/session/marks';
import type { StepReason } from '@prompt-spark/core/progress/nextStep';
import { say } from './say.ts';

const MARKED: Readonly<Record<MarkKind, string>> = {
  niggle: say.stepReasonWords.somebodyFeltANiggle,
  fault: say.stepReasonWords.usualFaultWasSeen,
  'too easy': say.stepReasonWords.itWasTooEasy,
  'too hard': say.stepReasonWords.itWasTooHard,
  stopped: say.stepReasonWords.somebodyStoppedLastTime,
};

/** Why the next time is to be another, in a sentence. */
export function stepReasonWords(reason: StepReason): string {
  switch (reason.kind) {
    case 'easy':
      return say.stepReasonWords.easy(reason.runs);
    case 'hard':
      return say.stepReasonWords.hard(reason.effort);
    case 'marked':
      return MARKED[reason.mark];
    case 'break':
      return say.stepReasonWords.longAgo(Math.round(reason.days / 7));
    case 'sore':
      return say.stepReasonWords.easyButSore;
  }
}
