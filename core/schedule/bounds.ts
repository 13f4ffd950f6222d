/** Sessions that are booked in one go at most, besides the first: four months of every day. */
export const MOST_REPEATS = 120;

/** Days for which what was taken out stays in the bin; after them it is deleted for good. */
export const BIN_DAYS = 30;
