import { studio } from '../wording/english/studio.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('studio', studio);
