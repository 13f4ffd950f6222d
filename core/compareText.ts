/**
 * The order of two texts by their characters: negative, zero or positive. For ids, days and names of drills, where the
 * same order is wanted on every machine, whatever its language.
 */
export const compareText = (one: string, other: string): number => (one < other ? -1 : one > other ? 1 : 0);
