import { loading } from '../wording/english/loading.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('loading', loading);
