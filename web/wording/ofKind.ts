/** Facts that tell by their kind what they are. */
interface Kinds {
  readonly kind: string;
}

/** What is said of each kind of facts. */
type KindWords<Facts extends Kinds> = {
  readonly [Kind in Facts['kind']]: (facts: Extract<Facts, { readonly kind: Kind }>) => string;
};

/** Facts in the words for their kind. */
export const ofKind = <Facts extends Kinds>(words: KindWords<Facts>, facts: OneOf<Facts, Facts['kind']>): string =>
  words[facts.kind](facts);

/** Those of the facts that are of a kind: the compiler needs to see that they and their words go together. */
type OneOf<Facts extends Kinds, Kind extends Facts['kind']> = Extract<Facts, { readonly kind: Kind }> & {
  readonly kind: Kind;
};
