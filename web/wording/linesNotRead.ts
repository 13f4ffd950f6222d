/** "1 line not read", "6 lines not read". */
export const linesNotRead = (count: number): string => `${count} line${count === 1 ? '' : 's'} not read`;
