import type { MarkKind, RunMark } from '@prompt-spark/core/session/marks';
import { clock } from '../wording/clock.ts';

/** What stands on the buttons. */
export const MARK_WORDS: Readonly<Record<MarkKind, string>> = {
  niggle: 'Niggle',
  'too easy': 'Too easy',
  'too hard': 'Too hard',
  stopped: 'Stopped',
};

/** Notes by a tap as they are written in the log, a line each: "1:32 Lateral lunge: too hard". */
export function markLines(marks: readonly RunMark[], nameOf: (mark: RunMark) => string): string {
  return marks.map((mark) => `${clock(Math.floor(mark.at))} ${nameOf(mark)}: ${mark.kind}`).join('\n');
}
