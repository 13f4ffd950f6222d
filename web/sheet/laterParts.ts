/** Parts of the desk that are not in sight when it is opened, by the way each is fetched. */
export const LATER = {
  settings: () => import('./header/SheetSettings.vue'),
  block: () => import('./rows/BlockSettings.vue'),
  picked: () => import('./rows/PickedRows.vue'),
  doses: () => import('./rows/DoseEditor.vue'),
  guess: () => import('./rows/GuessBar.vue'),
  ours: () => import('./rows/MakeItOurs.vue'),
  start: () => import('./header/StartQuestion.vue'),
  margin: () => import('./margin/SheetMargin.vue'),
  drawer: () => import('./entry/DrillDrawer.vue'),
  keys: () => import('./entry/KeysHelp.vue'),
  late: () => import('./header/SheetLate.vue'),
} as const;
