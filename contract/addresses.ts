/** Who may ask: anybody, or a coach who is signed in. */
export type Access = 'anybody' | 'coach';

/** How something is asked for. `:id` in a path stands for an id. */
export interface Address {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly access: Access;
}

/**
 * The addresses of the table of endpoints (endpoints.ts). They stand by themselves because a browser needs no more of an
 * endpoint than this to ask: the schemas, and the library that they are written in, stay out of what a phone must load.
 */
export const ADDRESSES = {
  welcome: { method: 'GET', path: '/api/account', access: 'anybody' },
  signIn: { method: 'POST', path: '/api/account/sign-in', access: 'anybody' },
  enterDemo: { method: 'POST', path: '/api/account/enter-demo', access: 'anybody' },
  confirmPassword: { method: 'POST', path: '/api/account/confirm', access: 'coach' },
  signOut: { method: 'POST', path: '/api/account/sign-out', access: 'anybody' },
  openStudio: { method: 'POST', path: '/api/studios', access: 'anybody' },
  places: { method: 'GET', path: '/api/places', access: 'coach' },
  saveSite: { method: 'PUT', path: '/api/sites/:id', access: 'coach' },
  addGroup: { method: 'POST', path: '/api/groups', access: 'coach' },
  groupWork: { method: 'GET', path: '/api/groups/:id/work', access: 'coach' },
  drills: { method: 'GET', path: '/api/drills', access: 'coach' },
  addDrill: { method: 'POST', path: '/api/drills', access: 'coach' },
  importDrills: { method: 'POST', path: '/api/drills/import', access: 'coach' },
  saveDrill: { method: 'PUT', path: '/api/drills/:id', access: 'coach' },
  bringBackDrill: { method: 'POST', path: '/api/drills/:id/bring-back', access: 'coach' },
  takeOutDrill: { method: 'DELETE', path: '/api/drills/:id', access: 'coach' },
  pronunciations: { method: 'GET', path: '/api/pronunciations', access: 'coach' },
  keepPronunciation: { method: 'PUT', path: '/api/pronunciations/:id', access: 'coach' },
  forgetPronunciation: { method: 'DELETE', path: '/api/pronunciations/:id', access: 'coach' },
  words: { method: 'GET', path: '/api/words', access: 'coach' },
  teachWords: { method: 'PUT', path: '/api/words', access: 'coach' },
  forgetWord: { method: 'DELETE', path: '/api/words/:id', access: 'coach' },
  voices: { method: 'GET', path: '/api/voices', access: 'coach' },
  speak: { method: 'POST', path: '/api/speech', access: 'coach' },
  people: { method: 'GET', path: '/api/people', access: 'coach' },
  savePerson: { method: 'PUT', path: '/api/people/:id', access: 'coach' },
  takeOutPerson: { method: 'POST', path: '/api/people/:id/take-out', access: 'coach' },
  bringBackPerson: { method: 'POST', path: '/api/people/:id/bring-back', access: 'coach' },
  deletePerson: { method: 'DELETE', path: '/api/people/:id', access: 'coach' },
  personAccess: { method: 'GET', path: '/api/people/:id/access', access: 'coach' },
  importPeople: { method: 'POST', path: '/api/people/import', access: 'coach' },
  exportPeople: { method: 'POST', path: '/api/people/export', access: 'coach' },
  exportPerson: { method: 'POST', path: '/api/people/:id/export', access: 'coach' },
  importProgress: { method: 'GET', path: '/api/imports/:id', access: 'coach' },
  callOffImport: { method: 'DELETE', path: '/api/imports/:id', access: 'coach' },
  standards: { method: 'GET', path: '/api/standards', access: 'coach' },
  saveApproach: { method: 'PUT', path: '/api/standards/approaches/:id', access: 'coach' },
  takeOutApproach: { method: 'DELETE', path: '/api/standards/approaches/:id', access: 'coach' },
  saveMainSession: { method: 'PUT', path: '/api/standards/main-sessions/:id', access: 'coach' },
  takeOutMainSession: { method: 'DELETE', path: '/api/standards/main-sessions/:id', access: 'coach' },
  saveMeasure: { method: 'PUT', path: '/api/standards/measures/:id', access: 'coach' },
  takeOutMeasure: { method: 'DELETE', path: '/api/standards/measures/:id', access: 'coach' },
  setTimes: { method: 'PUT', path: '/api/standards/times', access: 'coach' },
  setDefaultApproach: { method: 'PUT', path: '/api/standards/default-approach', access: 'coach' },
  circuits: { method: 'GET', path: '/api/circuits', access: 'coach' },
  addCircuit: { method: 'POST', path: '/api/circuits', access: 'coach' },
  circuit: { method: 'GET', path: '/api/circuits/:id', access: 'coach' },
  saveCircuit: { method: 'PUT', path: '/api/circuits/:id', access: 'coach' },
  takeOutCircuit: { method: 'DELETE', path: '/api/circuits/:id', access: 'coach' },
  bringBackCircuit: { method: 'POST', path: '/api/circuits/:id/bring-back', access: 'coach' },
  sessions: { method: 'GET', path: '/api/sessions', access: 'coach' },
  session: { method: 'GET', path: '/api/sessions/:id', access: 'coach' },
  addSession: { method: 'POST', path: '/api/sessions', access: 'coach' },
  moveSession: { method: 'PUT', path: '/api/sessions/:id', access: 'coach' },
  pickForSession: { method: 'PUT', path: '/api/sessions/:id/picks', access: 'coach' },
  fitSession: { method: 'PUT', path: '/api/sessions/:id/fit', access: 'coach' },
  bringBackSession: { method: 'POST', path: '/api/sessions/:id/bring-back', access: 'coach' },
  takeOutSession: { method: 'DELETE', path: '/api/sessions/:id', access: 'coach' },
  runs: { method: 'GET', path: '/api/runs', access: 'coach' },
  runTurns: { method: 'GET', path: '/api/runs/:id/turns', access: 'coach' },
  ownPace: { method: 'GET', path: '/api/pace', access: 'coach' },
  correctRun: { method: 'PUT', path: '/api/runs/:id', access: 'coach' },
  takeOutRun: { method: 'DELETE', path: '/api/runs/:id', access: 'coach' },
  bringBackRun: { method: 'POST', path: '/api/runs/:id/bring-back', access: 'coach' },
  bin: { method: 'GET', path: '/api/bin', access: 'coach' },
  addRun: { method: 'POST', path: '/api/runs', access: 'coach' },
  importRuns: { method: 'POST', path: '/api/runs/import', access: 'coach' },
} as const satisfies Readonly<Record<string, Address>>;

export type EndpointName = keyof typeof ADDRESSES;

/** The path of an address with its id put in. */
export function pathTo({ path }: Pick<Address, 'path'>, id = ''): string {
  return path.replace(':id', encodeURIComponent(id));
}
