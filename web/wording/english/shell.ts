/** What the pages of this room say, part by part. */
export const shell = {
  appNotice: {
    close: 'Close',
  },
  appRail: {
    screens: 'Screens',
    signOutOf: (coach: string) => `${coach}, sign out`,
    signOut: 'Sign out',
    today: 'Today',
    circuits: 'Circuits',
    drills: 'Drills',
    people: 'People',
    log: 'Log',
    studio: 'Studio',
    notReachedTheServer: (unsent: number) =>
      unsent === 1
        ? 'One change has not reached the server yet. Wait a moment, or sign out again to leave without it.'
        : `${unsent} changes have not reached the server yet. Wait a moment, or sign out again to leave without them.`,
  },
  binLink: {
    bin: 'Bin',
  },
  demoBanner: {
    demo: 'Demo:',
    inventedPeopleThisCopy: 'invented people. This copy is yours and is deleted after a day.',
  },
  notices: {
    serverCannotBeReached: 'The server cannot be reached, so nothing was changed. Try again.',
    somethingWentWrongTry: 'Something went wrong. Try again.',
  },
  nowherePage: {
    pageNotFound: 'Page not found',
    itMayHaveBeen: 'It may have been removed, or the address is mistyped.',
    goToToday: 'Go to Today',
  },
  titles: {
    ofPage: (title: string) => `${title} – Prompt Spark`,
    signIn: 'Sign in',
    today: 'Today',
    schedule: 'Schedule',
    scheduleOfADay: 'Schedule of a day',
    circuits: 'Circuits',
    circuit: 'Circuit',
    swaps: 'Swaps',
    fitToTheTime: 'Fit to the time',
    people: 'People',
    aNewPerson: 'A new person',
    person: 'Person',
    measures: 'Measures',
    history: 'History',
    group: 'Group',
    stage: 'Stage',
    drills: 'Drills',
    newDrill: 'New drill',
    drill: 'Drill',
    changeADrill: 'Change a drill',
    studio: 'Studio',
    bin: 'Bin',
    log: 'Log',
    notFound: 'Not found',
  },
};
