import { handlingOf, type Kit } from '../drills/kit.ts';
import { rankOf, type Posture } from '../drills/posture.ts';
import type { Drill } from '../drills/drill.ts';
import { ceilToHalfSecond, type Seconds } from '../units.ts';
import type { Setting } from './setting.ts';
import type { Stance } from './stance.ts';
import type { TradeTimes } from './trade.ts';

/** Seconds to get from one posture to another. */
export function postureChange(from: Posture, to: Posture, times: TradeTimes): Seconds {
  if (from === to) return 0;
  const apart = Math.abs(rankOf(from) - rankOf(to));
  return times.ranksApart[apart - 1] ?? times.sameRank;
}

/** Seconds to put down what is no longer needed and take up what is. Kit used by both stays in the hand. */
export function kitChange(from: readonly Kit[], to: readonly Kit[], times: TradeTimes): Seconds {
  const put = from.filter((item) => !to.includes(item)).map((item) => times.putDown[handlingOf(item)]);
  const taken = to.filter((item) => !from.includes(item)).map((item) => times.takeUp[handlingOf(item)]);
  return [...put, ...taken].reduce((sum, seconds) => sum + seconds, 0);
}

/**
 * Seconds of `ready` before a drill: the longer of moving there and talking, because a coach talks while people move.
 *
 * @param laterRound whether these people have done this slot in an earlier round
 */
export function readySeconds(from: Stance, drill: Drill, laterRound: boolean, setting: Setting): Seconds {
  const { times, habits } = setting;
  const slow = setting.slowToFloor ? times.slowToFloor : 1;
  const posture = postureChange(from.posture, drill.posture, times) * slow;
  const move = (posture + kitChange(from.kit, drill.kit, times)) * habits.move;
  const firstTalk = setting.newDrills.has(drill.id) ? times.talkNew : times.talkKnown;
  const talk = (laterRound ? times.talkLaterRound : firstTalk) * habits.talk;
  return ceilToHalfSecond(Math.max(move, talk));
}

/** Seconds to change sides in a posture. */
export function switchSeconds(posture: Posture, times: TradeTimes): Seconds {
  return rankOf(posture) < 2 ? times.switchUp : times.switchDown;
}
