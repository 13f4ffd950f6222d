/** What the pages of this room say, part by part. */
export const sound = {
  tryTheSound: {
    catCowOnHands: 'Cat-cow, on hands and knees. Breathe out as you round.',
  },
};
