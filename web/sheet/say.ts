import { sheet } from '../wording/english/sheet.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('sheet', sheet);
