import { wording } from '../wording/english/wording.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('wording', wording);
