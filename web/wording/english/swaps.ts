/** What the pages of this room say, part by part. */
export const swaps = {
  everybodyTable: {
    seeThem: 'See them',
    useTheseForEveryone: 'Use these for everyone',
    nothingThatAll: 'nothing that all of them can do',
    ofItsPurpose: (lost: number) => `${lost} % of its purpose`,
    ofEffort: (easier: number) => `${easier} of effort`,
    strongOnesLose: (parts: string) => `the strong ones lose ${parts}`,
    nothingIsLost: 'nothing is lost',
  },
  supposeField: {
    whatIfEveryoneHad: 'What if everyone had',
  },
  swapCell: {
    chosenForThem: ', chosen for them',
    toDecide: ', to decide',
  },
  swapPanel: {
    close: 'Close',
    doesNotFit: (why: string) => `Does not fit: ${why}.`,
    fitsAsPlanned: 'Fits as planned.',
    onlyAsFar: (painFree: string) => `Only as far as nothing hurts: ${painFree}.`,
    nothingWithTheSame: 'Nothing with the same purpose fits. These use the seconds for something they tolerate.',
    instead: 'Instead',
    onlyOn: (side: string) => `Only on the ${side}. `,
    forToday: 'For today',
    fromNow: 'From now on',
    asSuggested: 'As suggested',
    keepAsPlannedToday: 'Keep as planned today, I answer for it',
    againstStayWithThem: (why: string) =>
      `Against ${why}: stay with them, and stop at pain. It is noted with your name.`,
    heldToLightEffort: 'Held to light effort: it cannot be kept as planned until somebody has cleared them.',
    keptAsPlanned: (answeredBy: string, answeredOn: string) => `Kept as planned by ${answeredBy}, ${answeredOn}.`,
    itCouldNot: 'It could not be kept. Try again.',
  },
  swapWords: {
    held: (why: string) => `held: ${why}`,
    today: (state: string) => `${state} today`,
    andMore: (first: string, more: number) => `${first} and ${more} more`,
    onlyAsFar: (painFree: string) => `only as far as nothing hurts: ${painFree}`,
    asPlanned: 'as planned',
    asPlannedBy: (answeredBy: string) => `as planned: ${answeredBy} answers for it`,
    seeThem: 'see them',
    normal: 'normal version',
  },
  swapsPage: {
    swaps: 'Swaps',
    nobodyToSwap: 'Nobody to swap for',
    youCoachNobody: (group: string) => `You coach nobody in ${group} yet, or do not coach that group.`,
    thisCircuitNamesNo: 'This circuit names no group.',
    peopleWithTheirInjuries: (group: string) => `${group} People, with their injuries and limits, are under`,
    people: 'People',
    circuitsGroupIsSet: '; a circuit’s group is set on its sheet.',
  },
  swapsTable: {
    whoseSwaps: 'Whose swaps',
    whoDoesWhat: 'Who does what',
    drill: 'Drill',
    more: (count: number) => `${count} more`,
    asPlanned: 'as planned',
    everyoneCanDoEverything: 'Everyone can do everything as planned.',
    everythingIsDecided: 'Everything is decided.',
  },
  tracksCard: {
    howMany: (main: number, swapping: number) =>
      `${main} as planned throughout · ${swapping} do something else somewhere`,
    oneToOne: (alone: number) => `· ${alone} to be seen one-to-one`,
    onlyWhatIsStill: 'Only what is still to decide',
    backToSuggestions: 'Back to suggestions',
    oneDrillForEveryone: 'One drill for everyone',
    useThese: 'Use these',
    inUse: 'In use',
    headline: (most: number, alone: number) => {
      const things = ['no', 'one thing', 'two things', 'three things'][most] ?? '';
      const who = alone === 0 ? 'everyone' : alone === 1 ? 'all but one' : `all but ${alone}`;
      return `At most ${things} to call at a time, and ${who} can join in.`;
    },
  },
};
