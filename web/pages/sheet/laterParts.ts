/** Parts of the desk that are not in sight when it is opened, by the way each is fetched. */
export const LATER = {
  settings: () => import('./SheetSettings.vue'),
  doses: () => import('./DoseEditor.vue'),
  margin: () => import('./SheetMargin.vue'),
  drawer: () => import('./DrillDrawer.vue'),
  keys: () => import('./KeysHelp.vue'),
  late: () => import('./SheetLate.vue'),
} as const;
