import { effectScope, nextTick, shallowRef } from 'vue';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** The browser's observers as they were made; a test says what they see. */
class Observer {
  readonly watched = new Set<Element>();
  constructor(
    private readonly told: (entries: { target: Element; isIntersecting: boolean }[]) => void,
    readonly options: { rootMargin: string },
  ) {
    observers.push(this);
  }
  observe(element: Element): void {
    this.watched.add(element);
  }
  unobserve(element: Element): void {
    this.watched.delete(element);
  }
  sees(...seen: readonly (readonly [Element, boolean])[]): void {
    this.told(seen.map(([target, isIntersecting]) => ({ target, isIntersecting })));
  }
}
let observers: Observer[] = [];

/** Nothing of an element is asked but whether it is the same one. */
const element = (): Element => new EventTarget() as Element;

beforeEach(() => {
  observers = [];
  vi.resetModules();
  vi.stubGlobal('IntersectionObserver', Observer);
});
afterEach(() => vi.unstubAllGlobals());

const load = async () => (await import('./useInSight.ts')).useInSight;
const made = (): Observer => observers[0] ?? expect.fail('Nothing is observed.');

it('says of each element what the browser says of it, with one observer for all of a margin', async () => {
  const useInSight = await load();
  const scope = effectScope();
  const [one, other] = [element(), element()];
  const seen = scope.run(() => [one, other].map((each) => useInSight(shallowRef(each), 500))) ?? [];
  expect(observers.map(({ options }) => options.rootMargin)).toEqual(['500px']);
  expect(seen.map(({ value }) => value)).toEqual([false, false]);
  made().sees([one, true]);
  expect(seen.map(({ value }) => value)).toEqual([true, false]);
  made().sees([one, false], [other, true]);
  expect(seen.map(({ value }) => value)).toEqual([false, true]);

  scope.run(() => useInSight(shallowRef(element())));
  expect(observers.map(({ options }) => options.rootMargin)).toEqual(['500px', '0px']);
  scope.stop();
});

it('watches the element that is there now, and none once it is done with', async () => {
  const useInSight = await load();
  const scope = effectScope();
  const [first, second] = [element(), element()];
  const place = shallowRef<Element | null>(null);
  const seen = scope.run(() => useInSight(place));
  expect([...made().watched]).toEqual([]);
  place.value = first;
  await nextTick();
  made().sees([first, true]);
  expect(seen?.value).toBe(true);

  place.value = second;
  await nextTick();
  expect([...made().watched]).toEqual([second]);
  expect(seen?.value).toBe(false);
  made().sees([second, true]);
  expect(seen?.value).toBe(true);

  scope.stop();
  expect([...made().watched]).toEqual([]);
});
