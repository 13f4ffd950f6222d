import type { Slot } from '../circuit/circuit.ts';
import type { Dose } from '../dose/dose.ts';
import { handlingOf, type Kit } from '../drills/kit.ts';
import { rankOf } from '../drills/posture.ts';
import type { Drill } from '../drills/drill.ts';
import { ceilToHalfSecond, type Seconds } from '../units.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Stance } from '../occasion/stance.ts';
import type { TradeTimes } from '../occasion/trade.ts';

/** Seconds to get from one posture to another: from a chair to sitting on the floor is one, too. */
export function postureChange(from: Stance, to: Stance, times: TradeTimes): Seconds {
  const apart = Math.abs(rankOf(from) - rankOf(to));
  if (from.posture === to.posture && apart === 0) return 0;
  return times.ranksApart[apart - 1] ?? times.sameRank;
}

/** Seconds to put down what is no longer needed and take up what is. Kit used by both stays in the hand. */
export function kitChange(from: readonly Kit[], to: readonly Kit[], times: TradeTimes): Seconds {
  if (from === to || (from.length === 0 && to.length === 0)) return 0;
  const put = from.filter((item) => !to.includes(item)).map((item) => times.putDown[handlingOf(item)]);
  const taken = to.filter((item) => !from.includes(item)).map((item) => times.takeUp[handlingOf(item)]);
  return [...put, ...taken].reduce((sum, seconds) => sum + seconds, 0);
}

/** What a coach says before a drill: at its first time, where it is shown first, and to people who did the slot in an earlier round. */
export type Talk = 'first time' | 'shown' | 'later round';

export function talkBefore({ shownFirst }: Pick<Slot, 'shownFirst'>, laterRound: boolean): Talk {
  if (laterRound) return 'later round';
  return shownFirst ? 'shown' : 'first time';
}

/** Seconds of `ready` before a drill: the longer of moving there and talking, because a coach talks while people move. */
export function readySeconds(from: Stance, drill: Drill, said: Talk, occasion: Occasion): Seconds {
  return readyFor(moveSeconds(from, drill, occasion), talkSeconds(drill, said, occasion));
}

/** Seconds of `ready` where people move for one time and their coach talks for another. */
export const readyFor = (move: Seconds, talk: Seconds): Seconds => ceilToHalfSecond(Math.max(move, talk));

/** Whether people wait for the words before a drill, or the words for the people. */
export function talkLasts(from: Stance, drill: Drill, said: Talk, occasion: Occasion): boolean {
  return talkSeconds(drill, said, occasion) > moveSeconds(from, drill, occasion);
}

/** Seconds that a coach talks before a drill. */
export function talkSeconds(drill: Drill, said: Talk, { times, habits, newDrills }: Occasion): Seconds {
  if (said === 'later round') return times.talkLaterRound * habits.talk;
  const isNew = said === 'shown' || newDrills.has(drill.id);
  return (isNew ? times.talkNew : times.talkKnown) * (habits.drills[drill.id] ?? habits.talk);
}

/** Seconds of `ready` before a drill that the one before goes straight into: moving there, and no talk. */
export function straightInSeconds(from: Stance, drill: Drill, occasion: Occasion): Seconds {
  return ceilToHalfSecond(moveSeconds(from, drill, occasion));
}

/** Seconds that people take to get to a drill, and to put down and take up what it needs. */
export function moveSeconds(from: Stance, drill: Drill, { times, habits, slowToFloor }: Occasion): Seconds {
  const posture = postureChange(from, drill, times) * (slowToFloor ? times.slowToFloor : 1);
  return (posture + kitChange(from.kit, drill.kit, times)) * habits.move;
}

/**
 * Seconds that a rest takes with this coach. After timed work it is part of a clock that the coach set, and stays as it is
 * written.
 *
 * @param after what was done before it; null between rounds
 */
export function restSeconds(written: Seconds, after: Dose | null, { habits }: Pick<Occasion, 'habits'>): Seconds {
  return isGivenByFeel(after) && habits.rest !== 1 ? ceilToHalfSecond(written * habits.rest) : written;
}

/** Whether a coach ends the rest after it when people are ready, not when a clock says so. */
export const isGivenByFeel = (after: Dose | null): boolean => after?.kind !== 'time';

/** Seconds to change sides in a posture. */
export function switchSeconds(stance: Stance, { times, habits }: Pick<Occasion, 'times' | 'habits'>): Seconds {
  return ceilToHalfSecond((rankOf(stance) < 2 ? times.switchUp : times.switchDown) * habits.switch);
}
