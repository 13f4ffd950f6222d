import { groups } from '../wording/english/groups.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('groups', groups);
