/** What the pages of this room say, part by part. */
export const measures = {
  measureCard: {
    measureAgain: 'Measure again',
    largeDifference:
      'A large difference or a sudden change: have a licensed professional look before you train it. Pain is not measured.',
    day: 'Day',
    left: 'Left',
    right: 'Right',
    result: 'Result',
    remove: 'Remove',
    removeOfMeasure: (measure: string, calendarDay: string) => `Remove ${measure} of ${calendarDay}`,
    inIsBetter: (unitWords: string, better: string) => `In ${unitWords}; ${better} is better`,
    showAllSeries: (series: number) => `Show all ${series}`,
  },
  measureChart: {
    overTimeMeasure: (measure: string) => `${measure} over time`,
    left: 'Left',
    right: 'Right',
  },
  measureForm: {
    usual: (usual: string) => `Usual: ${usual}`,
    thereIsNoPublished: 'There is no published normal that we know of: compare with themselves.',
    day: 'Day',
    save: 'Save',
    cancel: 'Cancel',
    left: 'Left',
    right: 'Right',
    result: 'Result',
    expectedToLeast: (least: number, most: number, unitWords: string) => `Expected ${least} to ${most} ${unitWords}`,
  },
  measureWords: {
    sidesDifferByOrdinary: (by: string) => `The sides differ by ${by}: ordinary.`,
    isBehindByMore: (worse: string, by: string) => `The ${worse} is behind by ${by}, more than is ordinary.`,
    left: 'Left',
    right: 'Right',
    byOf: (of: string, by: boolean, amount: string) => `${of} ${by ? 'better' : 'worse'} by ${amount}`,
    units: { cm: 'cm', s: 's', times: 'times', steps: 'steps', kg: 'kg', 'beats a minute': 'beats a minute' },
  },
  measuresPage: {
    youDontCoachAnyone: 'You don’t coach anyone at this address.',
    people: 'People',
    measuresDocument: (document: string) => `${document}: measures`,
    backToTheirPage: 'Back to their page',
    theyAgree: 'They agree that you keep this about their health',
    takeAMeasure: 'Take a measure',
    minuteEachWithWhat: 'A minute each, with what is at hand. Whatever hurts is not measured.',
    addOne: 'Add one of your own',
    resultOfMeasures: (hidden: number) =>
      `${hidden} result${hidden === 1 ? '' : 's'} of measures that your studio removed ${hidden === 1 ? 'is' : 'are'} kept with them.`,
  },
  stifferSides: {
    stifferSides: 'Stiffer sides',
    stifferOrWeaker: (map: string) => `Stiffer or weaker: ${map}`,
    beginWithThatSide:
      'Begin with that side, and give it a little more: two repetitions, or a few seconds. On the sheet that is “more on one side”, on the board',
    or: ' or ',
    asYouNoted: ' (as you noted)',
  },
};
