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
    removeOf: (measure: string, day: string) => `Remove ${measure} of ${day}`,
    unit: (unitWords: string, better: string) => `In ${unitWords}; ${better} is better`,
    showAll: (count: number) => `Show all ${count}`,
  },
  measureChart: {
    overTime: (measure: string) => `${measure} over time`,
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
    expected: (least: number, most: number, unitWords: string) => `Expected ${least} to ${most} ${unitWords}`,
  },
  measureWords: {
    ordinary: (by: string) => `The sides differ by ${by}: ordinary.`,
    behind: (worse: string, by: string) => `The ${worse} is behind by ${by}, more than is ordinary.`,
    left: 'Left',
    right: 'Right',
    change: (which: string, better: boolean, amount: string) => `${which} ${better ? 'better' : 'worse'} by ${amount}`,
    units: { cm: 'cm', s: 's', times: 'times', steps: 'steps', kg: 'kg', 'beats a minute': 'beats a minute' },
  },
  measuresPage: {
    youDontCoachAnyone: 'You don’t coach anyone at this address.',
    people: 'People',
    ofPerson: (person: string) => `${person}: measures`,
    backToTheirPage: 'Back to their page',
    theyAgree: 'They agree that you keep this about their health',
    takeAMeasure: 'Take a measure',
    minuteEachWithWhat: 'A minute each, with what is at hand. Whatever hurts is not measured.',
    addOne: 'Add one of your own',
    hiddenResults: (count: number) =>
      `${count} result${count === 1 ? '' : 's'} of measures that your studio removed ${count === 1 ? 'is' : 'are'} kept with them.`,
  },
  stifferSides: {
    stifferSides: 'Stiffer sides',
    which: (sides: string) => `Stiffer or weaker: ${sides}`,
    beginWithThatSide:
      'Begin with that side, and give it a little more: two repetitions, or a few seconds. On the sheet that is “more on one side”, on the board',
    or: ' or ',
    asYouNoted: ' (as you noted)',
  },
};
