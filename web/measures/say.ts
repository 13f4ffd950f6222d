import { measures } from '../wording/english/measures.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('measures', measures);
