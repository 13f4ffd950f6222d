import { workers } from '../wording/english/workers.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('workers', workers);
