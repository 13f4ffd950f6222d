import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { ChangeFor } from '@prompt-spark/core/swaps/changesFor';
import { faultWords } from '@prompt-spark/core/people/technique';
import { cellWords } from '../swaps/swapWords.ts';
import { extraWords } from '../wording/extraWords.ts';
import { becauseWords } from '../wording/limitWords.ts';
import { say } from './say.ts';

/** What somebody does in a slot that is not just what is planned, part by part: "hands on the wall", "aim for 12". */
export function changeWords({ place, does, painFree, extra, aim, before }: ChangeFor, library: DrillLibrary): string {
  const doing = does.kind === 'as planned' && painFree.length === 0 && does.answeredBy === '';
  return [
    doing ? '' : cellWords(does, place, library, painFree).words,
    extra ? extraWords(extra, place.slot) : '',
    aim ? say.changeWords.aimFor(aim.amount) : '',
    before && before.fault === place.drill.fault.seen ? place.drill.fault.fix : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Why: their limits, the side that is behind, what they reached and how they did it last time. */
export function whyWords({ because, extra, aim, does, before }: ChangeFor): string {
  return [
    ...because.map(becauseWords),
    does.kind === 'instead' && does.own && because.length === 0 ? say.changeWords.chosenForThem : '',
    extra ? say.changeWords.isStifferOrWeaker(extra.side) : '',
    aim && aim.reached !== null ? say.changeWords.reached(aim.reached) : '',
    before ? say.changeWords.lastTime(faultWords(before)) : '',
  ]
    .filter(Boolean)
    .join('; ');
}
