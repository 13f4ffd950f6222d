/** What the pages of this room say, part by part. */
export const loading = {
  loadingGate: {
    tryAgain: 'Try again',
    fetching: 'Fetching…',
  },
  moreBelow: {
    showMore: 'Show more',
  },
  unreadableNote: {
    damaged: (what: string) => `One ${what} here cannot be opened: what is stored of it is damaged.`,
    takeItOut: 'Take it out',
  },
  useLoading: {
    somethingWentWrong: 'Something went wrong.',
  },
};
