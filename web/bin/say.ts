import { bin } from '../wording/english/bin.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('bin', bin);
