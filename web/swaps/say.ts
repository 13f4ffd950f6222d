import { swaps } from '../wording/english/swaps.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('swaps', swaps);
