import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { useGradually } from './useGradually.ts';

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('requestAnimationFrame', (call: () => void) => setTimeout(call));
  vi.stubGlobal('cancelAnimationFrame', clearTimeout);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

it('draws a few at once and the rest in turn, and then shows every change at once', async () => {
  const scope = effectScope();
  const list = ref([1, 2, 3, 4, 5]);
  const shown = scope.run(() => useGradually(list, 2, 2));
  expect(shown?.value).toEqual([1, 2]);
  // A frame, and what comes when it has been painted.
  vi.advanceTimersToNextTimer();
  vi.advanceTimersToNextTimer();
  expect(shown?.value).toEqual([1, 2, 3, 4]);
  vi.runAllTimers();
  expect(shown?.value).toEqual([1, 2, 3, 4, 5]);
  list.value = [9, 8, 7, 6];
  await nextTick();
  expect(shown?.value).toEqual([9, 8, 7, 6]);
  scope.stop();
});

it('stops when its page is left', () => {
  const scope = effectScope();
  const shown = scope.run(() => useGradually(ref([1, 2, 3]), 1, 1));
  scope.stop();
  vi.runAllTimers();
  expect(shown?.value).toEqual([1]);
});
