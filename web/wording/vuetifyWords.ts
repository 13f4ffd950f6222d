/** What the components of the library say by themselves, of those we use, and no more: all of it is gone through at the start. */
export const COMPONENT_WORDS = {
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
};
