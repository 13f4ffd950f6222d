import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { useNoticesStore } from './notices.ts';
import { useUndo, type Undoable } from './useUndo.ts';

beforeEach(() => setActivePinia(createPinia()));

const removed = (key: string, change: Partial<Undoable> = {}): Undoable => ({
  key,
  words: `“${key}” removed.`,
  undo: 'Put it back',
  back: () => Promise.resolve(),
  ...change,
});

it('brings back what was removed last, and has nothing more to undo then', async () => {
  const undo = useUndo();
  const back = vi.fn(() => Promise.resolve());
  undo.offer(removed('On the quay'));
  undo.offer(removed('Before squats', { back }));
  await undo.undo();
  expect(back).toHaveBeenCalledOnce();
  expect(undo.last.value).toBeNull();
  await undo.undo();
  expect(back).toHaveBeenCalledOnce();
});

it('still offers what could not be brought back, and says why', async () => {
  const undo = useUndo();
  undo.offer(removed('Before squats', { back: () => Promise.reject(new Error('It was deleted for good.')) }));
  await undo.undo();
  expect(undo.last.value?.key).toBe('Before squats');
  expect(useNoticesStore().words).toBe('It was deleted for good.');
});

it('keeps what was removed while another was being brought back', async () => {
  const undo = useUndo();
  let done: () => void = () => undefined;
  undo.offer(removed('Before squats', { back: () => new Promise<void>((resolve) => (done = resolve)) }));
  const undoing = undo.undo();
  undo.offer(removed('On the quay'));
  done();
  await undoing;
  expect(undo.last.value?.key).toBe('On the quay');
});

it('says more of what is still the last, and nothing of what was put back or forgotten meanwhile', () => {
  const undo = useUndo();
  undo.offer(removed('Before squats'));
  undo.reword('Before squats', 'Two sessions still use it.');
  expect(undo.last.value?.words).toBe('Two sessions still use it.');
  undo.forget();
  undo.reword('Before squats', 'Three sessions still use it.');
  expect(undo.last.value).toBeNull();
});

it('does the same to more where there is more', async () => {
  const undo = useUndo();
  undo.offer(
    removed('Dawn', {
      more: { words: 'Later ones too', go: () => Promise.resolve(undo.offer(removed('Dawn and later ones'))) },
    }),
  );
  await undo.more();
  expect(undo.last.value?.key).toBe('Dawn and later ones');
  await undo.more();
  expect(undo.last.value?.key).toBe('Dawn and later ones');
});
