import { effectScope, nextTick, ref, watchEffect, type EffectScope } from 'vue';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { afterPaintRef, useAfterPaint } from './useAfterPaint.ts';

/** The callbacks of the next frame, which comes when a test says so. */
let frame: (() => void)[] = [];
let scope: EffectScope;
beforeEach(() => {
  vi.useFakeTimers();
  frame = [];
  vi.stubGlobal('requestAnimationFrame', (call: () => void) => frame.push(call));
  scope = effectScope();
});
afterEach(() => {
  scope.stop();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const following = (source: () => string) => scope.run(() => useAfterPaint(source)) ?? expect.fail('Nothing follows.');

/** A frame: its callbacks, then its painting, then whatever waited for that. Gives how many asked for it. */
function paint(): number {
  const calls = frame.splice(0);
  for (const call of calls) call();
  vi.advanceTimersByTime(0);
  return calls.length;
}

it('follows once the frame has been painted, not before, and not in the frame’s own callbacks', async () => {
  const typed = ref('1');
  const { shown } = following(() => typed.value);
  expect(shown.value).toBe('1');
  typed.value = '12';
  await nextTick();
  expect(shown.value).toBe('1');
  for (const call of frame) call();
  expect(shown.value).toBe('1');
  vi.advanceTimersByTime(0);
  expect(shown.value).toBe('12');
});

it('follows several letters of one frame at once, by the last of them', async () => {
  const typed = ref('1');
  const { shown } = following(() => typed.value);
  for (const text of ['12', '123', '1234']) {
    typed.value = text;
    await nextTick();
  }
  expect(paint()).toBe(1);
  expect(shown.value).toBe('1234');
});

it('catches up in the same breath, and has nothing to catch up with where nothing changed', () => {
  const typed = ref('1');
  const read = vi.fn(() => typed.value);
  const { shown, catchUp } = following(read);
  const times = read.mock.calls.length;
  catchUp();
  expect(read).toHaveBeenCalledTimes(times);
  typed.value = '12';
  catchUp();
  expect(shown.value).toBe('12');
});

it('catches up at once where it is told to, and what was waiting then does nothing more', async () => {
  const typed = ref('1');
  const read = vi.fn(() => typed.value);
  const { shown, catchUp } = following(read);
  typed.value = '12';
  await nextTick();
  catchUp();
  expect(shown.value).toBe('12');
  const times = read.mock.calls.length;
  paint();
  expect(read).toHaveBeenCalledTimes(times);
  typed.value = '123';
  await nextTick();
  paint();
  expect(shown.value).toBe('123');
});

it('is read as it is at once, and drawn once the frame has been painted, however often it changed', () => {
  const text = afterPaintRef('1');
  const drawn: string[] = [];
  scope.run(() => watchEffect(() => drawn.push(text.value), { flush: 'sync' }));
  for (const typed of ['12', '123', '123']) text.value = typed;
  expect(text.value).toBe('123');
  expect(drawn).toEqual(['1']);
  expect(paint()).toBe(1);
  expect(drawn).toEqual(['1', '123']);
  text.value = '123';
  expect(paint()).toBe(0);
  text.value = '12';
  paint();
  expect(drawn).toEqual(['1', '123', '12']);
});
