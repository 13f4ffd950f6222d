/** What the margin's tabs show, by the way each is fetched. */
export const LATER_TABS = {
  coverage: () => import('./CoverageTab.vue'),
  effort: () => import('./EffortTab.vue'),
  script: () => import('./ScriptTab.vue'),
  people: () => import('./PeopleTab.vue'),
} as const;
