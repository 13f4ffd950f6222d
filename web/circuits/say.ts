import { circuits } from '../wording/english/circuits.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('circuits', circuits);
