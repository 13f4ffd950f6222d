/** What the pages of this room say, part by part. */
export const people = {
  clearHold: {
    clearedBy: 'Cleared by',
    nameAndRole: 'name and role',
    on: 'On',
    markAsCleared: 'Mark as cleared',
    notYet: 'Not yet',
    itCouldNot: 'It could not be kept. Try again.',
  },
  limitChips: {
    until: (until: string) => `until ${until}`,
    stiffer: (region: string, side: string) => `${region}: ${side} stiffer`,
    noLimits: 'no limits',
    ownCeiling: 'own limit',
  },
  peopleFile: {
    exportMyPeople: 'Export my people',
    onePersonALine:
      'One person a line (CSV). The file holds health data: keep it where only their coaches can open it. That it was taken out is noted in each person’s record. People whose name is here already are left alone.',
  },
  peoplePage: {
    people: 'People',
    ofAll: (shown: number, all: number) => `${shown} of ${all}`,
    importOrExport: 'Import or export',
    addAPerson: 'Add a person',
    seenOnlyByThose: (redFlags: string) =>
      `Seen only by those who coach them. No diagnosis: only what to avoid and what to watch. At any of these, stop, and see a licensed professional before going on: ${redFlags}`,
    whoCameWhat: 'Who came, what it prepared',
    findByName: 'Find by name',
    record: 'record',
    thoseWhoRun: 'Those who run the server may be able to open it; deleted, it is gone.',
    deleteItForGood: 'Delete it for good',
    howAreTheyToday: 'How are they today?',
    nobodyByThatName: 'Nobody by that name here',
    nobodyYet: 'Nobody yet',
    addThePeople:
      'Add the people you coach, with their injuries and limits. Every circuit then shows who needs something else, and what.',
    newGroup: 'New group',
    addGroup: 'Add group',
  },
  personRow: {
    lightEffortOnlySince: (since: string, why: string) => `Light effort only since ${since}: ${why}.`,
    recordWhoClearedThem: 'Record who cleared them',
    privateClient: 'private client',
  },
  readinessTaps: {
    howTheyCome: (person: string) => `How ${person} comes today`,
    redFlag: 'red flag',
    where: 'Where',
    itCouldNot: 'It could not be kept. Try again.',
  },
  client: {
    noLongerYours: 'You don’t coach this person any more.',
  },
};
