import { late } from '../wording/english/late.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('late', late);
