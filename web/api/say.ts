import { api } from '../wording/english/api.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('api', api);
