import { sound } from '../wording/english/sound.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('sound', sound);
