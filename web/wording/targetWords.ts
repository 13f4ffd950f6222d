import type { Target } from '@prompt-spark/core/drills/target';
import { targets } from './english/targets.ts';
import { inLanguage } from './language.ts';

const say = inLanguage('targets', targets);

/** A target as a coach says it, in the middle of a sentence. */
export const targetWords = (target: Target): string => say[target];
