import { today } from '../wording/english/today.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('today', today);
