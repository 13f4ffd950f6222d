import { turn } from '../loading/turn.ts';

/** Parts of the desk that are not in sight when it is opened, by the way each is fetched. */
export const LATER = {
  settings: () => import('./header/SheetSettings.vue'),
  block: () => import('./rows/BlockSettings.vue'),
  picked: () => import('./rows/PickedRows.vue'),
  doses: () => import('./rows/DoseEditor.vue'),
  guess: () => import('./rows/GuessBar.vue'),
  ours: () => import('./rows/MakeItOurs.vue'),
  start: () => import('./header/StartQuestion.vue'),
  // It is drawn in a turn of its own, after what it stands on has begun.
  margin: async () => {
    const margin = await import('./margin/SheetMargin.vue');
    await turn();
    return margin;
  },
  drawer: () => import('./entry/DrillDrawer.vue'),
  keys: () => import('./entry/KeysHelp.vue'),
  late: () => import('./header/SheetLate.vue'),
} as const;
