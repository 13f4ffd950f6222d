/** Every order of some things. */
export function permutations<T>(items: readonly T[]): readonly (readonly T[])[] {
  if (items.length < 2) return [items];
  return items.flatMap((item, index) => permutations(items.toSpliced(index, 1)).map((rest) => [item, ...rest]));
}
