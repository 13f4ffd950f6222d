import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { fakeBrowser } from '../testing/fakeBrowser.ts';
import { useImport } from './useImport.ts';

beforeEach(() => {
  setActivePinia(createPinia());
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** An import under way, that ends when it is told to. */
function begun() {
  const scope = effectScope();
  const made = scope.run(useImport);
  if (!made) throw new Error('There is no import.');
  let end: (what: string) => void = () => undefined;
  const report = made.run(
    () =>
      new Promise<string>((resolve) => {
        end = resolve;
      }),
  );
  return { ...made, report, end: (what: string) => end(what), scope };
}

it('is called off, though the server has not begun it when the button is pressed', async () => {
  let tries = 0;
  const asked = fakeBrowser((method) => {
    if (method !== 'DELETE') return { status: 404, body: { title: 'Not found', detail: 'None.' } };
    tries += 1;
    return tries < 3 ? { status: 404, body: { title: 'Not found', detail: 'None.' } } : { status: 204 };
  });
  const { callOff, end, report, importing, scope } = begun();
  const calling = callOff();
  await vi.advanceTimersByTimeAsync(1_000);
  expect(await calling).toBe(true);
  expect(asked.filter((one) => one.startsWith('DELETE'))).toHaveLength(3);
  end('called off');
  await report;
  expect(importing.value).toBe(false);
  scope.stop();
});

it('gives calling off up where the import has ended meanwhile, and says how far it is until then', async () => {
  fakeBrowser((method) =>
    method === 'DELETE'
      ? { status: 404, body: { title: 'Not found', detail: 'None.' } }
      : { status: 200, body: { done: 250, total: 5000, state: 'running' } },
  );
  const { callOff, end, report, progress, scope } = begun();
  expect(progress.value).toBe('Reading the file …');
  await vi.advanceTimersByTimeAsync(800);
  expect(progress.value).toBe('250 of 5000 taken in …');
  const calling = callOff();
  end('done');
  await report;
  await vi.advanceTimersByTimeAsync(500);
  expect(await calling).toBe(true);
  scope.stop();
});
