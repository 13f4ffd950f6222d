import type { Drill } from './drill.ts';
import { warmsFor } from './jointMotion.ts';
import { isMoving, isStaticHold } from './kinds.ts';

/** Why one drill should come before another. Common practice, no source. */
export type Precedence = 'circles' | 'neck' | 'two legs' | 'hold';

/** Why one drill should come before another; undefined where the order does not matter. */
export function comesBefore(first: Drill, then: Drill): Precedence | undefined {
  if (first.motion && then.motion && warmsFor(first.motion, then.motion)) {
    return first.motion.joint === 'neck' ? 'neck' : 'circles';
  }
  if (isStaticHold(first) && isMoving(then)) return 'hold';
  return then.afterTwoLegs?.includes(first.id) ? 'two legs' : undefined;
}

/** Whether there may be drills that should come before one, for a reason: of most drills there are none. */
export function comesAfterSome(drill: Drill, why: Precedence): boolean {
  switch (why) {
    case 'circles':
    case 'neck':
      return drill.motion !== undefined && (drill.motion.joint === 'neck') === (why === 'neck');
    case 'hold':
      return isMoving(drill);
    case 'two legs':
      return drill.afterTwoLegs !== undefined;
  }
}
