import { fit } from '../wording/english/fit.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('fit', fit);
