import { schedule } from '../wording/english/schedule.ts';
import { inLanguage } from '../wording/language.ts';

export const say = inLanguage('schedule', schedule);
