import { person } from '../wording/english/person.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('person', person);
