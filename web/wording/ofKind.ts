/** Facts that tell by their kind what they are. */
interface Kinds {
  readonly kind: string;
}

/** What is said of each kind of facts. */
export type KindWords<Facts extends Kinds> = {
  readonly [Kind in Facts['kind']]: (facts: Extract<Facts, { readonly kind: Kind }>) => string;
};

/** Facts of some kind in the words for that kind. */
export const ofKind = <Facts extends Kinds, Kind extends Facts['kind'] = Facts['kind']>(
  words: KindWords<Facts>,
  facts: Extract<Facts, { readonly kind: Kind }>,
): string => words[facts.kind as Kind](facts);
