// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useNoticesStore } from '../shell/notices.ts';
import { fakeBrowser, type Answer } from '../testing/fakeBrowser.ts';
import { button, mountPart, settled, takeAway } from '../testing/mountPart.ts';
import BinPage from './BinPage.vue';

const RUN = {
  kind: 'run',
  id: '0b0f5b1e-5a5d-4b36-9c2e-3b1de3f2a001',
  title: 'Before squats',
  at: '2026-11-25T06:15:00.000Z',
  takenOutAt: '2026-11-25T08:00:00.000Z',
};
const CIRCUIT = { ...RUN, kind: 'circuit', id: '0b0f5b1e-5a5d-4b36-9c2e-3b1de3f2a002', title: 'On the quay', at: null };

beforeEach(() => void vi.useFakeTimers());
afterEach(takeAway);

/** The bin on a server of the test's own, once it has been fetched. */
async function bin(answer: (method: string, path: string) => Answer) {
  const asked = fakeBrowser(answer);
  const page = mountPart(BinPage);
  await settled();
  return { page, asked };
}
const holds = (...entries: readonly unknown[]): Answer => ({ status: 200, body: { entries } });

it('lists what was removed, with what it is and when it was', async () => {
  const { page } = await bin(() => holds(RUN, CIRCUIT));
  const [run, circuit] = page.findAll('li').map((line) => line.text());
  expect(run).toMatch(/^Before squatsLog entry, .+ at .+removed/);
  expect(circuit).toMatch(/^On the quayCircuitremoved/);
});

it('puts one back, says so, and lists it no more', async () => {
  const { page, asked } = await bin((method) => (method === 'GET' ? holds(RUN, CIRCUIT) : { status: 204 }));
  await button(page, 'Restore On the quay').trigger('click');
  await settled();
  expect(asked.at(-1)).toBe(`POST /api/circuits/${CIRCUIT.id}/bring-back`);
  expect(useNoticesStore().words).toBe('“On the quay” restored.');
  expect(page.findAll('li strong').map((title) => title.text())).toEqual(['Before squats']);
});

it('leaves one where it is when it cannot be put back, and says why', async () => {
  const { page } = await bin((method) => (method === 'GET' ? holds(RUN) : 'away'));
  await button(page, 'Restore Before squats').trigger('click');
  await settled();
  expect(useNoticesStore().words).toMatch(/cannot be reached, so nothing was changed/);
  expect(page.findAll('li')).toHaveLength(1);
});

it('asks the server once for what was typed, and says what nothing matched', async () => {
  const { page, asked } = await bin((_, path) => (path.includes('find=quay') ? holds() : holds(RUN, CIRCUIT)));
  for (const typed of ['q', 'qu', 'quay']) await page.find('input').setValue(typed);
  await settled();
  expect(asked.filter((path) => !path.endsWith('find='))).toEqual(['GET /api/bin?find=quay']);
  expect(page.text()).toContain('Nothing removed matches “quay”.');
});

it('says why it cannot be fetched, and is fetched again at a press', async () => {
  let away = true;
  const { page } = await bin(() => (away ? 'away' : holds(RUN)));
  expect(page.find('.trouble p').text()).toBe('The server cannot be reached.');
  away = false;
  await button(page, 'Try again').trigger('click');
  await settled();
  expect(page.findAll('li')).toHaveLength(1);
});
