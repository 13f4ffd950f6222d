import { shell } from '../wording/english/shell.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('shell', shell);
