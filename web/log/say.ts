import { log } from '../wording/english/log.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('log', log);
