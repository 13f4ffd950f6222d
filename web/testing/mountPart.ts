import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import type { Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { makeVuetify } from '../theme/vuetify.ts';

/** What a browser has beside its elements, and jsdom has not: nothing here ever changes its size or comes into sight. */
class Watcher {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

let mounted: VueWrapper | undefined;

/**
 * A page or a part of one, with the stores, the components and the addresses that it stands in, in a browser without a
 * picture. The test's file asks for that browser in its first line; what the server answers, `fakeBrowser` says before.
 *
 * @param props what the page around it gives it
 */
export function mountPart(part: Component, props: Record<string, unknown> = {}): VueWrapper {
  vi.stubGlobal('ResizeObserver', Watcher);
  vi.stubGlobal('IntersectionObserver', Watcher);
  vi.stubGlobal('visualViewport', new EventTarget());
  const pinia = createPinia();
  setActivePinia(pinia);
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/groups/:id', name: 'group', component: {} },
      { path: '/:path(.*)*', component: {} },
    ],
  });
  const whole = mount(part, {
    props,
    attachTo: document.body,
    global: { plugins: [pinia, router, makeVuetify()] },
  }) as VueWrapper;
  mounted = whole;
  return whole;
}

/** What is on its way comes: answers of the server, turns of the page, what waits a moment. The test's clock is its own. */
export const settled = (): Promise<unknown> => vi.runAllTimersAsync();

/** What a part leaves behind is taken away again. */
export function takeAway(): void {
  mounted?.unmount();
  mounted = undefined;
  document.body.replaceChildren();
  vi.useRealTimers();
  vi.unstubAllGlobals();
}

/** A button by its words, or by the name that it has for those who do not see it. */
export function button(part: VueWrapper, name: string) {
  const found = part.findAll('button').find((one) => one.text() === name || one.attributes('aria-label') === name);
  if (!found) throw new Error(`There is no button “${name}” in: ${part.text()}`);
  return found;
}
