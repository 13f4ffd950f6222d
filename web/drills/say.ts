import { drills } from '../wording/english/drills.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('drills', drills);
