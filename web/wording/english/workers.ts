/** What the pages of this room say, part by part. */
export const workers = {
  workshop: {
    couldNotBeWorkedOut: (why: string) => `That could not be worked out: ${why}`,
    notStarted: 'the browser could not start it',
  },
};
