import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { Limit } from '@prompt-spark/core/people/limitation';
import type { Assignment } from '@prompt-spark/core/swaps/assignment';
import { heldToLight, readinessOn, type Person } from '@prompt-spark/core/people/person';
import { instructed, instructionName, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { limitName } from '../wording/limitWords.ts';
import { say } from './say.ts';

/** What to mind of somebody in a word or two, for the head of a column: "Wrist and 1 more". */
export function minding(person: Person, day: string): string {
  const hold = heldToLight(person);
  const { state } = readinessOn(person, day);
  const all = [
    ...(hold ? [say.swapWords.held(hold.why)] : []),
    ...person.limits.filter(({ until }) => until === '' || until >= day).map(limitName),
    ...(state === 'fine' || hold ? [] : [state === 'not here' ? state : say.swapWords.today(state)]),
  ];
  const [first] = all;
  if (first === undefined) return '';
  return all.length > 1 ? say.swapWords.andMore(first, all.length - 1) : first;
}

/** What a cell says, and how: an easier rung of the same drill, another drill, or see them. */
export interface CellWords {
  readonly kind: 'as planned' | 'pain-free' | 'answered' | 'rung' | 'drill' | 'one to one';
  readonly sign: string;
  readonly words: string;
}

/** @param painFree what they move only as far as nothing hurts, in what they do (core/people/painFree) */
export function cellWords(
  doing: Assignment,
  place: SlotPlace,
  library: DrillLibrary,
  painFree: readonly Limit[] = [],
): CellWords {
  if (doing.kind === 'as planned') {
    if (doing.answeredBy === '' && painFree.length > 0) {
      return { kind: 'pain-free', sign: '◁', words: say.swapWords.onlyAsFar(painFree.map(limitName).join('; ')) };
    }
    if (doing.answeredBy === '') return { kind: 'as planned', sign: '·', words: say.swapWords.asPlanned };
    return { kind: 'answered', sign: '✓', words: say.swapWords.asPlannedBy(doing.answeredBy) };
  }
  if (doing.kind === 'one to one') return { kind: 'one to one', sign: '!', words: say.swapWords.seeThem };
  const found = instructed(library, doing);
  if (!found) return { kind: 'one to one', sign: '!', words: say.swapWords.seeThem };
  const same = found.drill.id === place.drill.id;
  if (same) return { kind: 'rung', sign: '▽', words: found.rung.rung === 0 ? say.swapWords.normal : found.rung.name };
  return { kind: 'drill', sign: '⇄', words: instructionName(found.drill, found.rung) };
}
