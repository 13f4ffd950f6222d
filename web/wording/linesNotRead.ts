import { say } from './say.ts';
/** "1 line not read", "6 lines not read". */
export const linesNotRead = (count: number): string => say.linesNotRead.count(count);
