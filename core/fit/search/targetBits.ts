import type { Target } from '../../drills/target.ts';
import type { ChoicePlace, ChoiceSet } from './choice.ts';
import type { Bound } from './task.ts';
import { targetWorth } from './worth.ts';

/**
 * How targets are kept count of: a bit for those that several slots can serve; those that one slot alone serves go with it;
 * those that are served whatever is left out are certain.
 */
export interface TargetBits {
  readonly bits: ReadonlyMap<Target, number>;
  /** What each bit is worth. */
  readonly values: readonly number[];
  readonly sole: ReadonlyMap<Target, number>;
  readonly certain: number;
}

/** Sorts the targets of a choice set. */
export function targetBits(set: ChoiceSet, bound: Bound, mayGo: (place: ChoicePlace) => boolean): TargetBits {
  const bits = new Map<Target, number>();
  const values: number[] = [];
  const sole = new Map<Target, number>();
  let certain = 0;
  if (bound === 'lengths only') return { bits, values, sole, certain };
  const places = set.blocks.flatMap((block) => block.places);
  for (const [target, weight] of set.weights.targets) {
    const value = targetWorth(weight, set.weights.sum);
    const common = commonPlace(target, places);
    const kept = places.some(
      (place) => !mayGo(place) && place.choices.every(({ targets }) => targets.includes(target)),
    );
    const always = kept || (set.occasion.done?.targets.has(target) ?? false);
    if (always || (common === 'none' && bound === 'generous')) certain += value;
    else if (common === 'one') sole.set(target, value);
    else if (common === 'none') {
      bits.set(target, 1 << bits.size);
      values.push(value);
    }
  }
  return { bits, values, sole, certain };
}

/** Whether everything that serves a target stands in, or over, one place, so that only one of it can be chosen. */
function commonPlace(target: Target, places: readonly ChoicePlace[]): 'one' | 'none' | 'not served' {
  let common: readonly number[] | undefined;
  places.forEach((place, at) => {
    for (const { spans } of place.choices.filter(({ targets }) => targets.includes(target))) {
      const span = spans === 1 ? [at] : [at, at + 1];
      common = span.filter((one) => common === undefined || common.includes(one));
    }
  });
  if (common === undefined) return 'not served';
  return common.length > 0 ? 'one' : 'none';
}
