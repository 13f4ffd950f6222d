/** A text with a capital as its first letter, for the start of a label. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
