import type { Drill } from '@prompt-spark/core/drills/drill';
import type { MarkKind, RunMark } from '@prompt-spark/core/session/marks';
import { capital } from '../wording/capital.ts';
import { clock } from '../wording/clock.ts';
import { say } from './say.ts';

const MARK_WORDS: Readonly<Record<MarkKind, string>> = {
  niggle: say.markWords.niggle,
  fault: say.markWords.itsUsualFault,
  'too easy': say.markWords.tooEasy,
  'too hard': say.markWords.tooHard,
  stopped: say.markWords.stopped,
};

type Marked = Pick<Drill, 'name' | 'fault'> | undefined;

/** What stands on the button of a mark; a fault is named as the drill names it: "Knee falls inside". */
export const markWord = (kind: MarkKind, drill: Marked): string =>
  kind === 'fault' && drill ? capital(drill.fault.seen) : MARK_WORDS[kind];

/** Notes by a tap as they are written in the log, a line each: "1:32 Lateral lunge: knee falls inside". */
export function markLines(marks: readonly RunMark[], drillOf: (id: string) => Marked): string {
  return marks
    .map(({ at, kind, drillId }) => {
      const drill = drillOf(drillId);
      return `${clock(Math.floor(at))} ${drill?.name ?? drillId}: ${markWord(kind, drill).toLowerCase()}`;
    })
    .join('\n');
}
