/** Every route of the API: how it is asked for, and whether it answers to somebody who is not signed in. */
export const ROUTES = {
  welcome: { method: 'GET', path: '/api/account', open: true },
  signIn: { method: 'POST', path: '/api/account/sign-in', open: true },
  enterDemo: { method: 'POST', path: '/api/account/enter-demo', open: true },
  signOut: { method: 'POST', path: '/api/account/sign-out', open: true },
  openStudio: { method: 'POST', path: '/api/studios', open: true },
  places: { method: 'GET', path: '/api/places', open: false },
  saveSite: { method: 'PUT', path: '/api/sites/:id', open: false },
  drills: { method: 'GET', path: '/api/drills', open: false },
  figures: { method: 'GET', path: '/api/figures', open: false },
  addDrill: { method: 'POST', path: '/api/drills', open: false },
  importDrills: { method: 'POST', path: '/api/drills/import', open: false },
  saveDrill: { method: 'PUT', path: '/api/drills/:id', open: false },
  takeOutDrill: { method: 'DELETE', path: '/api/drills/:id', open: false },
  people: { method: 'GET', path: '/api/people', open: false },
  savePerson: { method: 'PUT', path: '/api/people/:id', open: false },
  takeOutPerson: { method: 'DELETE', path: '/api/people/:id', open: false },
  personAccess: { method: 'GET', path: '/api/people/:id/access', open: false },
  importPeople: { method: 'POST', path: '/api/people/import', open: false },
  exportPeople: { method: 'POST', path: '/api/people/export', open: false },
  addGroup: { method: 'POST', path: '/api/groups', open: false },
  standards: { method: 'GET', path: '/api/standards', open: false },
  saveApproach: { method: 'PUT', path: '/api/standards/approaches/:id', open: false },
  takeOutApproach: { method: 'DELETE', path: '/api/standards/approaches/:id', open: false },
  saveMainSession: { method: 'PUT', path: '/api/standards/main-sessions/:id', open: false },
  takeOutMainSession: { method: 'DELETE', path: '/api/standards/main-sessions/:id', open: false },
  setDefaultApproach: { method: 'PUT', path: '/api/standards/default-approach', open: false },
  circuits: { method: 'GET', path: '/api/circuits', open: false },
  addCircuit: { method: 'POST', path: '/api/circuits', open: false },
  circuit: { method: 'GET', path: '/api/circuits/:id', open: false },
  saveCircuit: { method: 'PUT', path: '/api/circuits/:id', open: false },
  takeOutCircuit: { method: 'DELETE', path: '/api/circuits/:id', open: false },
  bringBackCircuit: { method: 'POST', path: '/api/circuits/:id/bring-back', open: false },
  sessions: { method: 'GET', path: '/api/sessions', open: false },
  session: { method: 'GET', path: '/api/sessions/:id', open: false },
  addSession: { method: 'POST', path: '/api/sessions', open: false },
  fitSession: { method: 'PUT', path: '/api/sessions/:id/fit', open: false },
  takeOutSession: { method: 'DELETE', path: '/api/sessions/:id', open: false },
  runs: { method: 'GET', path: '/api/runs', open: false },
  addRun: { method: 'POST', path: '/api/runs', open: false },
} as const satisfies Readonly<Record<string, Route>>;

/** A way of asking the server for something. `:id` in a path stands for a UUID, or for the id of a drill or standard. */
export interface Route {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly open: boolean;
}

export type RouteName = keyof typeof ROUTES;

/** The path of a route with its id put in. */
export function pathTo(route: Route, id = ''): string {
  return route.path.replace(':id', encodeURIComponent(id));
}
