/** What the pages of this room say, part by part. */
export const bin = {
  binPage: {
    bin: 'Bin',
    findByTitle: 'Find by title or name',
    whatWasRemovedStays: (binDays: number) =>
      `What was removed stays here for ${binDays} days, then it is deleted for good.`,
    removedOn: (day: string, time: string) => `removed ${day}, ${time}`,
    restoreOne: (entry: string) => `Restore ${entry}`,
    restore: 'Restore',
    nothingRemovedMatches: (wanted: string) => `Nothing removed matches “${wanted}”.`,
    binIsEmpty: 'The bin is empty.',
    circuit: 'Circuit',
    drill: 'Drill',
    session: 'Session',
    logEntry: 'Log entry',
    person: 'Person',
    kindAt: (kinds: string, day: string, at: string) => `${kinds}, ${day} at ${at}`,
    restored: (entry: string) => `“${entry}” restored.`,
  },
};
