// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { mountPart, takeAway } from '../testing/mountPart.ts';
import MoreBelow from './MoreBelow.vue';

/** Says of the last thing that is watched whether it is in sight. */
let say: (isIntersecting: boolean) => Promise<void>;

beforeEach(() => void vi.useFakeTimers());
afterEach(takeAway);

async function endOfList(more: () => Promise<unknown>) {
  const end = mountPart(MoreBelow, { more });
  vi.stubGlobal(
    'IntersectionObserver',
    class {
      constructor(told: (entries: readonly unknown[]) => void) {
        say = async (isIntersecting) => {
          told([{ isIntersecting, time: performance.now() }]);
          await flushPromises();
        };
      }
      observe(): void {}
      disconnect(): void {}
    },
  );
  await flushPromises();
  return end;
}
const pass = async (milliseconds: number) => {
  await vi.advanceTimersByTimeAsync(milliseconds);
  await flushPromises();
};

it('fetches as long as the end is in sight, and no longer', async () => {
  const more = vi.fn(() => Promise.resolve());
  await endOfList(more);
  expect(more).not.toHaveBeenCalled();
  await say(true);
  expect(more).toHaveBeenCalledTimes(1);
  await pass(150);
  expect(more).toHaveBeenCalledTimes(2);
  await say(false);
  await pass(2000);
  expect(more).toHaveBeenCalledTimes(2);
});

it('fetches no more once it is taken away, even where it was about to', async () => {
  const more = vi.fn(() => Promise.resolve());
  const end = await endOfList(more);
  await say(true);
  end.unmount();
  await pass(2000);
  expect(more).toHaveBeenCalledTimes(1);
});
