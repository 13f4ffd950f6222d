import type { Because } from '@prompt-spark/core/people/ceilings';
import type { Limit } from '@prompt-spark/core/people/limitation';
import { limits } from './english/limits.ts';
import { inLanguage } from './language.ts';
import { ofKind } from './ofKind.ts';

const say = inLanguage('limits', limits);

/** A limit as a coach says it: “Wrist, left”. */
export const limitName = (limit: Limit): string => say.name(limit);

/** Why somebody may not do something: “Wrist”, “sore knee today”. */
export const becauseWords = (because: Because): string => ofKind<Because>(say.because, because);
