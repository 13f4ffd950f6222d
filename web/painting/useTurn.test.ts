import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { useTurn } from './useTurn.ts';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('lets one after the other be drawn, in the order they asked, with the browser’s turn between them', () => {
  const scope = effectScope();
  const turns = scope.run(() => [1, 2, 3].map(() => useTurn(ref(true)))) ?? [];
  const drawn = () => turns.map(({ value }) => value);
  expect(drawn()).toEqual([false, false, false]);
  vi.advanceTimersToNextTimer();
  expect(drawn()).toEqual([true, false, false]);
  vi.advanceTimersToNextTimer();
  expect(drawn()).toEqual([true, true, false]);
  vi.runAllTimers();
  expect(drawn()).toEqual([true, true, true]);
  scope.stop();
});

it('passes over what is no longer wanted, or gone', async () => {
  const wanted = ref(true);
  const [scope, gone] = [effectScope(), effectScope()];
  const lost = gone.run(() => useTurn(ref(true)));
  const [first, second] = scope.run(() => [useTurn(wanted), useTurn(ref(true))]) ?? [];
  gone.stop();
  wanted.value = false;
  await nextTick();
  vi.advanceTimersToNextTimer();
  expect([lost?.value, first?.value, second?.value]).toEqual([false, false, true]);
  wanted.value = true;
  await nextTick();
  vi.runAllTimers();
  expect(first?.value).toBe(true);
  wanted.value = false;
  await nextTick();
  expect(first?.value).toBe(false);
  scope.stop();
});
