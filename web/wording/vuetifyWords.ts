/** What the components of the library say by themselves, of those we use, and no more: all of it is gone through at the start. */
export const COMPONENT_WORDS = {
  open: 'Open',
  close: 'Close',
  dismiss: 'Dismiss',
  loading: 'Fetching…',
  noDataText: 'Nothing to choose from',
  input: { clear: 'Clear {0}', prependAction: '{0} prepended action', appendAction: '{0} appended action' },
};
