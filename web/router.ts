import { createRouter, createWebHistory, type Router } from 'vue-router';
import { useAccountStore } from './stores/account.ts';

declare module 'vue-router' {
  interface RouteMeta {
    /** Shown to somebody who is not signed in. */
    readonly open?: boolean;
    /** Shown without the rail. */
    readonly bare?: boolean;
    readonly title: string;
  }
}

/** The addresses of the application. Everything but the door asks who is there first. */
export function createAppRouter(): Router {
  const router = createRouter({
    history: createWebHistory(),
    routes: [
      { path: '/', redirect: '/today' },
      {
        path: '/door',
        name: 'door',
        component: () => import('./pages/door/DoorPage.vue'),
        meta: { open: true, bare: true, title: 'Sign in' },
      },
      {
        path: '/today',
        name: 'today',
        component: () => import('./pages/today/TodayPage.vue'),
        meta: { title: 'Today' },
      },
      {
        path: '/circuits',
        name: 'circuits',
        component: () => import('./pages/circuits/CircuitsPage.vue'),
        meta: { title: 'Circuits' },
      },
      {
        path: '/circuits/:id',
        name: 'sheet',
        component: () => import('./pages/sheet/SheetPage.vue'),
        props: true,
        meta: { title: 'Circuit' },
      },
      {
        path: '/circuits/:id/swaps',
        name: 'swaps',
        component: () => import('./pages/swaps/SwapsPage.vue'),
        props: true,
        meta: { title: 'Swaps' },
      },
      {
        path: '/circuits/:id/fit',
        name: 'fit',
        component: () => import('./pages/fit/FitPage.vue'),
        props: (route) => ({
          id: route.params['id'],
          asked: Number(route.query['seconds']) || 0,
          sessionId: route.query['session'] ?? null,
        }),
        meta: { title: 'Fit to the time' },
      },
      {
        path: '/people',
        name: 'people',
        component: () => import('./pages/people/PeoplePage.vue'),
        meta: { title: 'People' },
      },
      {
        path: '/people/new',
        name: 'newPerson',
        component: () => import('./pages/people/PersonPage.vue'),
        props: (route) => ({ id: null, group: route.query['group'] ?? null }),
        meta: { title: 'A new person' },
      },
      {
        path: '/people/:id',
        name: 'person',
        component: () => import('./pages/people/PersonPage.vue'),
        props: (route) => ({ id: route.params['id'], group: null }),
        meta: { title: 'Person' },
      },
      {
        path: '/stage/:id',
        name: 'stage',
        component: () => import('./pages/stage/StagePage.vue'),
        props: (route) => ({
          id: route.params['id'],
          sessionId: route.query['session'] ?? null,
          fit: route.query['fit'] ?? null,
        }),
        meta: { bare: true, title: 'Stage' },
      },
      {
        path: '/drills',
        name: 'drills',
        component: () => import('./pages/drills/DrillsPage.vue'),
        meta: { title: 'Drills' },
      },
      {
        path: '/drills/new',
        name: 'newDrill',
        component: () => import('./pages/drills/DrillFormPage.vue'),
        props: (route) => ({ from: route.query['from'] ?? null, id: null }),
        meta: { title: 'New drill' },
      },
      {
        path: '/drills/:id',
        name: 'drill',
        component: () => import('./pages/drills/DrillPage.vue'),
        props: true,
        meta: { title: 'Drill' },
      },
      {
        path: '/drills/:id/change',
        name: 'changeDrill',
        component: () => import('./pages/drills/DrillFormPage.vue'),
        props: (route) => ({ from: null, id: route.params['id'] }),
        meta: { title: 'Change a drill' },
      },
      {
        path: '/studio',
        name: 'studio',
        component: () => import('./pages/studio/StudioPage.vue'),
        meta: { title: 'Studio' },
      },
      { path: '/log', name: 'log', component: () => import('./pages/log/LogPage.vue'), meta: { title: 'Log' } },
      {
        path: '/:rest(.*)*',
        name: 'nowhere',
        component: () => import('./pages/NowherePage.vue'),
        meta: { title: 'Not found' },
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
  router.afterEach((to) => {
    document.title = `${to.meta.title} – Prompt Spark`;
  });
  return router;
}
