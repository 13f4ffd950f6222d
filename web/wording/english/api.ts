/** What the pages of this room say, part by part. */
export const api = {
  call: {
    serverCannotBeReached: 'The server cannot be reached.',
    refused: 'Refused',
    serverRefused: (status: number) => `The server refused this (${status}).`,
  },
};
