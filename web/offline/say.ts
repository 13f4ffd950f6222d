import { offline } from '../wording/english/offline.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('offline', offline);
