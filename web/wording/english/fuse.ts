/** What the pages of this room say, part by part. */
export const fuse = {
  fuseShape: {
    round: (round: number) => `round ${round}`,
  },
  timeFuse: {
    fuse: (total: string, blocks: number) => `Fuse: ${total} in ${blocks} ${blocks === 1 ? 'block' : 'blocks'}`,
  },
  verdict: {
    noTimeSet: 'No time set',
    onTheDot: 'On the dot',
    over: (time: string) => `${time} over`,
    toSpare: (time: string) => `${time} to spare`,
  },
};
