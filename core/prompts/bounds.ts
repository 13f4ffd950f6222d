/** Letters of a text that is spoken, at most. */
export const MOST_SPOKEN = 300;
/** Texts that are spoken in one request, at most. */
export const MOST_TEXTS = 24;
