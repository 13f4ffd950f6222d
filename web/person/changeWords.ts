import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { ChangeFor } from '@prompt-spark/core/swaps/changesFor';
import { cellWords } from '../swaps/swapWords.ts';
import { extraWords } from '../wording/extraWords.ts';

/** What somebody does in a slot that is not just what is planned, part by part: "hands on the wall", "aim for 12". */
export function changeWords({ place, does, painFree, extra, aim }: ChangeFor, library: DrillLibrary): string {
  const doing = does.kind === 'as planned' && painFree.length === 0 && does.answeredBy === '';
  return [
    doing ? '' : cellWords(does, place, library, painFree).words,
    extra ? extraWords(extra, place.slot) : '',
    aim ? `aim for ${String(aim.amount)}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Why: their limits, the side that is behind, what they reached last time. */
export function becauseWords({ because, extra, aim, does }: ChangeFor): string {
  return [
    ...because,
    does.kind === 'instead' && does.own && because.length === 0 ? 'chosen for them' : '',
    extra ? `the ${extra.side} is stiffer or weaker` : '',
    aim && aim.reached !== null ? `${String(aim.reached)} last time` : '',
  ]
    .filter(Boolean)
    .join('; ');
}
