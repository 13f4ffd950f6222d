import { createRouter, createWebHistory, type LocationQueryValue, type Router } from 'vue-router';
import { turn } from './loading/turn.ts';
import { useAccountStore } from './shell/account.ts';
import { say } from './shell/say.ts';

declare module 'vue-router' {
  interface RouteMeta {
    /** Shown to somebody who is not signed in. */
    readonly open?: boolean;
    /** Shown without the rail. */
    readonly bare?: boolean;
    readonly title: string;
  }
}

/** What an address asks for once; null where it asks for nothing, or twice. */
const oneOf = (asked: LocationQueryValue | LocationQueryValue[] | undefined): string | null =>
  typeof asked === 'string' ? asked : null;

/** The addresses of the application. Everything but the door asks who is there first. */
export function createAppRouter(): Router {
  const router = createRouter({
    history: createWebHistory(),
    // A new view starts at its top, the one gone back to where it was left; a filter of the same view moves nothing, and
    // the first one is at its top: to scroll there would make a phone lay it out at once.
    scrollBehavior: (to, from, left) =>
      left ?? (to.path === from.path || from.matched.length === 0 ? false : { top: 0 }),
    routes: [
      { path: '/', redirect: '/today' },
      {
        path: '/door',
        name: 'door',
        component: () => import('./door/DoorPage.vue'),
        meta: { open: true, bare: true, title: say.titles.signIn },
      },
      {
        path: '/today',
        name: 'today',
        component: () => import('./today/TodayPage.vue'),
        meta: { title: say.titles.today },
      },
      {
        path: '/schedule',
        name: 'schedule',
        component: () => import('./schedule/MonthPage.vue'),
        props: (route) => ({ month: oneOf(route.query['month']) }),
        meta: { title: say.titles.schedule },
      },
      {
        path: '/schedule/day',
        name: 'day',
        component: () => import('./schedule/DayPage.vue'),
        props: (route) => ({ day: oneOf(route.query['day']) }),
        meta: { title: say.titles.scheduleOfADay },
      },
      {
        path: '/circuits',
        name: 'circuits',
        component: () => import('./circuits/CircuitsPage.vue'),
        meta: { title: say.titles.circuits },
      },
      {
        path: '/circuits/:id',
        name: 'sheet',
        component: () => import('./sheet/SheetPage.vue'),
        props: true,
        meta: { title: say.titles.circuit },
      },
      {
        path: '/circuits/:id/swaps',
        name: 'swaps',
        component: () => import('./swaps/SwapsPage.vue'),
        props: true,
        meta: { title: say.titles.swaps },
      },
      {
        path: '/circuits/:id/fit',
        name: 'fit',
        component: () => import('./fit/FitPage.vue'),
        props: (route) => ({
          id: route.params['id'],
          asked: Number(route.query['seconds']) || 0,
          sessionId: route.query['session'] ?? null,
        }),
        meta: { title: say.titles.fitToTheTime },
      },
      {
        path: '/people',
        name: 'people',
        component: () => import('./people/PeoplePage.vue'),
        meta: { title: say.titles.people },
      },
      {
        path: '/people/new',
        name: 'newPerson',
        component: () => import('./person/PersonPage.vue'),
        props: (route) => ({ id: null, group: route.query['group'] ?? null }),
        meta: { title: say.titles.aNewPerson },
      },
      {
        path: '/people/:id',
        name: 'person',
        component: () => import('./person/PersonPage.vue'),
        props: (route) => ({ id: route.params['id'], group: null }),
        meta: { title: say.titles.person },
      },
      {
        path: '/people/:id/measures',
        name: 'measures',
        component: () => import('./measures/MeasuresPage.vue'),
        props: true,
        meta: { title: say.titles.measures },
      },
      {
        path: '/people/:id/history',
        name: 'history',
        component: () => import('./person/HistoryPage.vue'),
        props: true,
        meta: { title: say.titles.history },
      },
      {
        path: '/groups/:id',
        name: 'group',
        component: () => import('./groups/GroupPage.vue'),
        props: (route) => ({ id: route.params['id'], person: route.query['person'] ?? null }),
        meta: { title: say.titles.group },
      },
      {
        path: '/stage/:id',
        name: 'stage',
        component: () => import('./stage/StagePage.vue'),
        props: (route) => ({
          id: route.params['id'],
          sessionId: route.query['session'] ?? null,
          fit: route.query['fit'] ?? null,
        }),
        meta: { bare: true, title: say.titles.stage },
      },
      {
        path: '/drills',
        name: 'drills',
        component: () => import('./drills/DrillsPage.vue'),
        meta: { title: say.titles.drills },
      },
      {
        path: '/drills/new',
        name: 'newDrill',
        component: () => import('./drills/NewDrillPage.vue'),
        props: (route) => ({ from: route.query['from'] ?? null }),
        meta: { title: say.titles.newDrill },
      },
      {
        path: '/drills/:id',
        name: 'drill',
        component: () => import('./drills/DrillPage.vue'),
        props: true,
        meta: { title: say.titles.drill },
      },
      {
        path: '/drills/:id/change',
        name: 'changeDrill',
        component: () => import('./drills/DrillFormPage.vue'),
        props: (route) => ({ from: null, id: route.params['id'] }),
        meta: { title: say.titles.changeADrill },
      },
      {
        path: '/studio',
        name: 'studio',
        component: () => import('./studio/StudioPage.vue'),
        meta: { title: say.titles.studio },
      },
      { path: '/bin', name: 'bin', component: () => import('./bin/BinPage.vue'), meta: { title: say.titles.bin } },
      { path: '/log', name: 'log', component: () => import('./log/LogPage.vue'), meta: { title: say.titles.log } },
      {
        path: '/:rest(.*)*',
        name: 'nowhere',
        component: () => import('./shell/NowherePage.vue'),
        meta: { title: say.titles.notFound },
      },
    ],
  });
  router.beforeEach(async (to) => {
    const account = useAccountStore();
    await account.ask();
    if (!to.meta.open && account.account === null && !account.unreachable) {
      return { name: 'door', query: to.fullPath === '/today' ? {} : { then: to.fullPath } };
    }
    return true;
  });
  // The code of a page has just been taken in; the page is drawn in the next turn.
  router.beforeResolve(turn);
  router.afterEach((to) => {
    document.title = say.titles.ofPage(to.meta.title);
  });
  return router;
}
