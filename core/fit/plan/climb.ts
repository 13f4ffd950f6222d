import type { LiftDose } from '../../dose/lift.ts';

type Steps = LiftDose['steps'];
type Step = Steps[number];

/** The lightest a climb may begin with, and the most it may grow by at once, in percent. Common practice, no source. */
const MOST_FIRST = 60;
const MOST_JUMP = 25;

/**
 * So many sets of a climb: its first and its last stay and the middle goes, so that the greatest jump is as small as can be.
 * Where that leaves one set, it is the last.
 */
export function climbOf(steps: Steps, count: number): readonly Step[] {
  if (count >= steps.length) return steps;
  if (count <= 1) return steps.slice(-1);
  let best: readonly Step[] = [];
  let least = Infinity;
  for (const middle of choose(steps.slice(1, -1), count - 2)) {
    const tried = [...steps.slice(0, 1), ...middle, ...steps.slice(-1)];
    const most = greatestJump(tried);
    if (most < least) [best, least] = [tried, most];
  }
  return best;
}

/**
 * The fewest sets that still climb: beginning at 60 % at most and growing by 25 points at most, the lift itself included, or
 * by no more than the climb as planned where that is steeper.
 */
export function fewestSteps(steps: Steps): number {
  const first = Math.max(MOST_FIRST, steps[0].percent);
  const jump = Math.max(MOST_JUMP, greatestJump(steps));
  for (let count = 1; count < steps.length; count += 1) {
    const climb = climbOf(steps, count);
    if ((climb[0]?.percent ?? 100) <= first && greatestJump(climb) <= jump) return count;
  }
  return steps.length;
}

function greatestJump(steps: readonly Step[]): number {
  return steps.reduce((most, { percent }, at) => Math.max(most, (steps[at + 1]?.percent ?? 100) - percent), 0);
}

/** Every way to take so many of a few, in their order. */
function choose(from: readonly Step[], count: number): readonly (readonly Step[])[] {
  if (count <= 0) return [[]];
  return from.flatMap((one, at) => choose(from.slice(at + 1), count - 1).map((rest) => [one, ...rest]));
}
