import type { Kept } from '@prompt-spark/core/fit/outcome/kept';
import type { MoveFacts } from '@prompt-spark/core/fit/outcome/moveFacts';
import { moves } from './english/moves.ts';
import { inLanguage } from './language.ts';

const say = inLanguage('moves', moves);

/** What a fit says of one kind of facts. */
type Words<Facts extends { readonly kind: string }> = {
  readonly [Kind in Facts['kind']]: (facts: Extract<Facts, { kind: Kind }>) => string;
};
/** Facts by their kind, so that each meets its own words. */
type OfKind<Facts extends { readonly kind: string }, Kind extends Facts['kind']> = Extract<Facts, { kind: Kind }>;

const said = <Facts extends { readonly kind: string }, Kind extends Facts['kind']>(
  words: Words<Facts>,
  kind: Kind,
  facts: OfKind<Facts, Kind>,
): string => words[kind](facts);

/** A change of a fit as a coach would say it: “Step jack left out; skipping rope still covers the pulse”. */
export const moveWords = (facts: MoveFacts): string =>
  said<MoveFacts, MoveFacts['kind']>(say.changes, facts.kind, facts);

/** What a fitted circuit still has, in a sentence. */
export const keptWords = (kept: Kept): string => said<Kept, Kept['kind']>(say.kept, kept.kind, kept);
