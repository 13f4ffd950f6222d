import { door } from '../wording/english/door.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('door', door);
