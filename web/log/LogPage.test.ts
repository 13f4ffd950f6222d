// @vitest-environment jsdom
import type { RunTurn } from '@prompt-spark/contract/run';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { fakeBrowser, type Answer } from '../testing/fakeBrowser.ts';
import { button, mountPart, settled, takeAway } from '../testing/mountPart.ts';
import { testRun } from '../testing/testRun.ts';
import LogPage from './LogPage.vue';

beforeEach(() => void vi.useFakeTimers());
afterEach(takeAway);

const RUN = testRun();
const TURN: RunTurn = {
  slotId: 'slot-1',
  drillId: 'deep-sit',
  drillName: 'Deep sit',
  phase: 'mobilise',
  round: 1,
  planned: 40,
  actual: 52,
  paused: 0,
};

/** The log on a server that has these runs, once it has been fetched. */
async function log(runs: readonly unknown[], next: string | null = null, others?: (path: string) => Answer) {
  const asked = fakeBrowser((method, path) => {
    if (path === '/api/places') return { status: 200, body: { sites: [], groups: [], coaches: [] } };
    if (path.endsWith('/turns')) return { status: 200, body: { turns: [TURN], pace: null } };
    if (others) return others(`${method} ${path}`);
    if (method === 'GET') return { status: 200, body: { runs, next } };
    return { status: 204 };
  });
  const page = mountPart(LogPage);
  await settled();
  return { page, asked };
}
const titles = (page: Awaited<ReturnType<typeof log>>['page']) =>
  page.findAll('.entry h2').map((title) => title.text());

it('leads on where nothing has been run yet, and asks for no filter there', async () => {
  const { page } = await log([]);
  expect(page.find('h2').text()).toBe('Nothing has been run yet');
  expect(page.find('a[href="/today"]').exists()).toBe(true);
  expect(page.text()).not.toContain('Circuit');
});

it.each([
  [{}, 'planned'],
  [{ actual: 545 }, 'planned, 1:05 longer'],
  [{ actual: 450 }, 'planned, 0:30 shorter'],
  // What was stopped early is no faster class.
  [{ actual: 200, endedEarly: true }, 'planned'],
])('tells of a run how it went beside the plan: %o', async (change, words) => {
  const { page } = await log([testRun(change)]);
  expect(page.find('.sums').text()).toContain(words);
  expect(page.find('.sums').text().endsWith('longer')).toBe(words.endsWith('longer'));
});

it('opens the first run only, and fetches what its drills took', async () => {
  const { page, asked } = await log([RUN, testRun({ id: RUN.id.replace(/1$/, '2'), circuitTitle: 'On the quay' })]);
  expect(titles(page)).toEqual(['Before squats', 'On the quay']);
  expect(page.findAll('tbody tr').map((row) => row.text())).toEqual([expect.stringContaining('Deep sit')]);
  expect(asked.filter((path) => path.endsWith('/turns'))).toEqual([`GET /api/runs/${RUN.id}/turns`]);
});

it('takes one out at a press, and puts it back where that is undone', async () => {
  const { page, asked } = await log([RUN]);
  await button(page, 'Remove from log').trigger('click');
  await vi.dynamicImportSettled();
  // Long enough for the notice to come, and not for it to go.
  await vi.advanceTimersByTimeAsync(1000);
  expect(titles(page)).toEqual([]);
  const undo = [...document.querySelectorAll('button')].find((one) => one.textContent.includes('Put it back'));
  undo?.click();
  await settled();
  expect(titles(page)).toEqual(['Before squats']);
  expect(asked.filter((path) => !path.startsWith('GET'))).toEqual([
    `DELETE /api/runs/${RUN.id}`,
    `POST /api/runs/${RUN.id}/bring-back`,
  ]);
});

it('keeps a run in sight that the server would not take out', async () => {
  const { page } = await log([], null, (asked) =>
    asked.startsWith('GET') ? { status: 200, body: { runs: [RUN], next: null } } : 'away',
  );
  await button(page, 'Remove from log').trigger('click');
  await settled();
  expect(titles(page)).toEqual(['Before squats']);
});

it('shows more at a press, below what is there', async () => {
  const { page } = await log([], null, (asked) =>
    asked.includes('after=further')
      ? {
          status: 200,
          body: { runs: [testRun({ id: RUN.id.replace(/1$/, '2'), circuitTitle: 'On the quay' })], next: null },
        }
      : { status: 200, body: { runs: [RUN], next: 'further' } },
  );
  await button(page, 'Show more').trigger('click');
  await settled();
  expect(titles(page)).toEqual(['Before squats', 'On the quay']);
  expect(page.text()).not.toContain('Show more');
});
