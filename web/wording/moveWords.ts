import type { Kept } from '@prompt-spark/core/fit/outcome/kept';
import type { MoveFacts } from '@prompt-spark/core/fit/outcome/moveFacts';
import { moves } from './english/moves.ts';
import { inLanguage } from './language.ts';
import { ofKind } from './ofKind.ts';

const say = inLanguage('moves', moves);

/** A change of a fit as a coach would say it: “Step jack left out; skipping rope still covers the pulse”. */
export const moveWords = (facts: MoveFacts): string => ofKind<MoveFacts>(say.changes, facts);

/** What a fitted circuit still has, in a sentence. */
export const keptWords = (kept: Kept): string => ofKind<Kept>(say.kept, kept);
