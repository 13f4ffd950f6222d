import { people } from '../wording/english/people.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('people', people);
