import { fuse } from '../wording/english/fuse.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('fuse', fuse);
