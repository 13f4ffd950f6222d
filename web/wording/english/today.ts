/** What the pages of this room say, part by part. */
export const today = {
  firstPlace: {
    whatIsThereWhere: 'What is there where you train?',
    matsBandsLanes:
      'Mats, bands, lanes and machines: swaps, times and warnings go by them. You can change it later under Studio.',
    sayWhatIsThere: 'Say what is there',
    notNow: 'Not now',
  },
  nextStep: {
    changed: (change: string) => `Changed: ${change}.`,
    undo: 'Undo',
    next: 'Next:',
    whereverThisCircuit: ', wherever this circuit is booked',
    doThat: 'Do that',
    leaveIt: 'Leave it',
  },
  sessionCard: {
    lastTime: 'Last time:',
    runIn: 'Run, in the',
    log: 'log',
    whoIsHere: (session: string) => `Who is here: ${session}`,
    whosHere: 'Who’s here',
    wereLate: 'We’re late',
    again: 'Again',
    start: 'Start',
    changeSession: (session: string) => `Change ${session}`,
    removeFromTheSchedule: (session: string) => `Remove ${session} from the schedule`,
    forThisSession: (fitted: string) => `For this session in ${fitted}.`,
    runItInFull: 'Run it in full',
    minutes: (minutes: number) => `${minutes} minutes`,
    people: (count: number) => `${count} ${count === 1 ? 'person' : 'people'}`,
  },
  sessionRoster: {
    whoIsHere: 'Who is here',
    youCoachNobody: 'You coach nobody in this group yet.',
    ofHere: (here: number, all: number) =>
      `${here} of ${all} here. What you tap changes the swaps, the mats and the Stage for that day.`,
    lastTime: (trouble: string) => `Last time: ${trouble}`,
    addAPerson: 'Add a person',
  },
  stepReasonWords: {
    somebodyFeltANiggle: 'Somebody felt a niggle last time.',
    usualFaultWasSeen: 'The usual fault was seen again last time.',
    itWasTooEasy: 'It was too easy last time.',
    itWasTooHard: 'It was too hard last time.',
    somebodyStoppedLastTime: 'Somebody stopped last time.',
    easy: (runs: number) => `It was easy the last ${runs === 2 ? 'two' : runs} times.`,
    hard: (effort: number) => `It was hard last time: effort ${effort} of 10.`,
    longAgo: (weeks: number) => `The last time was ${weeks} weeks ago.`,
    easyButSore: 'It was easy the last times, but people are sore today: leave it as it is.',
  },
  toDecideWords: {
    one: '1 person needs a swap',
    several: (count: number) => `${count} people need a swap`,
  },
  todayPage: {
    howMany: (warmUps: number, people: number) => `${warmUps} warm-up${warmUps === 1 ? '' : 's'}, ${people} people`,
    byCoach: 'By coach',
    month: 'Month',
    addASession: 'Add a session',
    session: 'session',
    nothingOnToday: 'Nothing on today',
    sessionIsACircuit:
      'A session is a circuit on a date, for a group, at a place. Write a circuit first, then add it to the schedule.',
    goToTheCircuits: 'Go to the circuits',
    theSession: 'The session',
  },
  weekAhead: {
    weekAhead: 'The week ahead',
    changeSession: (session: string) => `Change ${session}`,
    removeFromTheSchedule: (session: string) => `Remove ${session} from the schedule`,
  },
};
