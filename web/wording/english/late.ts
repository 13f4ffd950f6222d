/** What the pages of this room say, part by part. */
export const late = {
  fitWords: {
    whichIsKept: (drill: string) => `${drill}, which is kept`,
    essentialPart: (phase: string) => `${phase}, an essential part`,
  },
  lateDialog: {
    wereLate: 'We’re late',
    takesAsPlanned: (circuit: string, planned: string) => `${circuit} takes ${planned} as planned.`,
    shortVersion: (seconds: string) => `Short version of ${seconds}`,
    share: (percent: number) => `, with ${percent} % of the preparation.`,
    andMore: (count: number) => `and ${count} more`,
    shortestIs: (shortest: string) => `The shortest is ${shortest}.`,
    takeShortest: (shortest: string) => `Take ${shortest}`,
    inTheWay: (hindranceWords: string) => `In the way: ${hindranceWords}.`,
    tryAgain: 'Try again',
    tryingEveryWay: 'Trying every way …',
    startThisOne: 'Start this one',
    seeTheDetails: 'See the details',
    close: 'Close',
  },
};
