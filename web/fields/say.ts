import { fields } from '../wording/english/fields.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('fields', fields);
