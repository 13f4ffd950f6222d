/** What the pages of this room say, part by part. */
export const wording = {
  extraWords: {
    beginOnTheMore: (side: string, more: number, timed: boolean) =>
      `begin on the ${side}, ${more}${timed ? ' s' : ''} more`,
  },
  linesNotRead: {
    lineNotRead: (count: number) => `${count} line${count === 1 ? '' : 's'} not read`,
  },
  phases: {
    release: { name: 'Release', plainly: 'loosen off' },
    raise: { name: 'Raise', plainly: 'get warm' },
    mobilise: { name: 'Mobilise', plainly: 'move the joints' },
    activate: { name: 'Activate', plainly: 'switch on' },
    integrate: { name: 'Integrate', plainly: 'put it together' },
    potentiate: { name: 'Potentiate', plainly: 'fire up' },
  },
  prepared: {
    ofWhatNeeds: (whole: string, session: string) => `${whole} of what ${session} needs`,
  },
  trackWords: {
    gentler: 'Gentler',
    or: 'Or',
    instead: 'Instead',
    everybody: 'Everybody',
  },
  clock: {
    days: ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'],
    months: [
      'January',
      'February',
      'March',
      'April',
      'May',
      'June',
      'July',
      'August',
      'September',
      'October',
      'November',
      'December',
    ],
    am: 'am',
    pm: 'pm',
    dayFirst: (weekday: string, day: number, month: string) => `${weekday} ${day} ${month}`,
    monthFirst: (weekday: string, month: string, day: number) => `${weekday}, ${month} ${day}`,
    month: (name: string, year: number) => `${name} ${year}`,
  },
  /** What the components of the library say by themselves, of those we use, and no more: all of it is gone through at the start. */
  components: {
    open: 'Open',
    close: 'Close',
    dismiss: 'Dismiss',
    loading: 'Fetching…',
    noDataText: 'Nothing to choose from',
    datePicker: {
      title: 'Choose a day',
      header: 'The day',
      input: { placeholder: 'The day' },
      ariaLabel: {
        previousMonth: 'The month before',
        nextMonth: 'The month after',
        selectYear: 'Choose the year',
        previousYear: 'The year before',
        nextYear: 'The year after',
        selectMonth: 'Choose the month',
        selectDate: '{0}',
        currentDate: 'Today, {0}',
      },
    },
    timePicker: {
      am: 'am',
      pm: 'pm',
      title: 'Choose a time',
      hour: 'Hour',
      minute: 'Minute',
      notAllowed: 'Not possible',
    },
    input: { clear: 'Clear {0}', prependAction: '{0} prepended action', appendAction: '{0} appended action' },
  },
  keyNames: {
    space: 'Space',
    enter: 'Enter',
    escape: 'Esc',
    backspace: 'Backspace',
    withShift: (key: string) => `Shift ${key}`,
    withAlt: (key: string) => `Alt ${key}`,
  },
};
