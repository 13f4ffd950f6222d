import type { StepFacts } from '@prompt-spark/core/progress/stepFacts';
import { steps } from './english/steps.ts';
import { inLanguage } from './language.ts';
import { ofKind } from './ofKind.ts';

const say = inLanguage('steps', steps);

/** What a step changes: “Body-weight squat 12 instead of 10”, “Activate: 3 rounds instead of 2”. */
export const stepWords = (facts: StepFacts): string => ofKind<StepFacts>(say, facts);
