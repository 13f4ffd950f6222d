/** What the pages of this room say, part by part. */
export const groups = {
  attendanceTable: {
    whoCame: 'Who came',
    nobodyWasNotedYet: 'Nobody was noted yet. Open a run in the log and tap who was there.',
    thereNotThere: '● there · ○ not there · a dot where nobody noted it. The last session is on the right.',
    whoCameSession: 'Who came, session by session',
    name: 'Name',
    there: 'There',
    awayTheLast: (missedLately: number) => `away the last ${missedLately}`,
    thereOf: (there: number, noted: number) => `${there} of ${noted}`,
  },
  groupPage: {
    thereIsNoGroup: 'There is no group at this address.',
    people: 'People',
    howFarBack: 'How far back',
    theirLimits: 'Their limits',
    nothingWasRun: (weeks: number) =>
      `Nothing was run with this group in the last ${weeks} weeks. When it has been, you see here who came, and what the warm-ups prepared.`,
    for: 'For',
    n4Weeks: '4 weeks',
    n12Weeks: '12 weeks',
    everybody: 'Everybody',
  },
  weeksPrepared: {
    whatTheWarmUps: 'What the warm-ups prepared',
    howMany: (runs: number) => `${runs} warm-up${runs === 1 ? '' : 's'}, each against what came after it`,
    unsaid: (count: number) => `; of ${count} it is not said what that was`,
    theyWereNotNoted: 'They were not noted at any of these sessions.',
    everythingThatWasNeeded: 'Everything that was needed was prepared at least every other time.',
    try: 'Try',
    noDrill: 'No drill for it is left that everybody here may do without kit.',
    in: ' – in',
    doneWell: 'Done well:',
    ofTarget: (target: string, met: number, needed: number) => `${target} ${met} of ${needed}`,
    never: (needed: number) => `never in ${needed}`,
    times: (met: number, needed: number) => `${met} of ${needed} times`,
  },
};
