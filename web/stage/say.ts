import { stage } from '../wording/english/stage.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('stage', stage);
