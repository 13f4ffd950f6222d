import { reachedWords } from './reached.ts';
import type { Seen } from './seen.ts';
import { techniqueWords } from './technique.ts';

/** How somebody came through: "niggle, left knee, 3 of 10". */
export function stateWords({ state, where, side, pain }: Pick<Seen, 'state' | 'where' | 'side' | 'pain'>): string {
  const place =
    where === null ? '' : side === null ? where : side === 'both' ? `both sides, ${where}` : `${side} ${where}`;
  return [state, place, pain === null ? '' : `${String(pain)} of 10`].filter(Boolean).join(', ');
}

/** How somebody came through, how hard it was for them and how warm they were: "fine, effort 4, sweat and ready". */
export function seenWords(seen: Seen): string {
  const effort = seen.effort === null ? '' : `effort ${String(seen.effort)}`;
  return [stateWords(seen), effort, seen.signs.join(' and ')].filter(Boolean).join(', ');
}

/** Everything that was seen of somebody in one run, drill by drill at the end. */
export const everythingSeen = (seen: Seen): string =>
  [seenWords(seen), ...seen.reached.map(reachedWords), ...seen.technique.map(techniqueWords)].join(', ');
