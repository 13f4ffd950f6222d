// @vitest-environment jsdom
import type { PersonDocument, PersonRecord } from '@prompt-spark/contract/person';
import { testPerson } from '@prompt-spark/core/testing/people';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { fakeBrowser } from '../testing/fakeBrowser.ts';
import { button, mountPart, settled, takeAway } from '../testing/mountPart.ts';
import { testRun } from '../testing/testRun.ts';
import RunPeople from './RunPeople.vue';

beforeEach(() => void vi.useFakeTimers());
afterEach(takeAway);

const GROUP = '0b0f5b1e-5a5d-4b36-9c2e-3b1de3f2d001';
const RUN = testRun({ groupId: GROUP });

function somebody(id: string, name: string, groupIds: readonly string[] = [GROUP]): PersonRecord {
  const { id: _, ...document } = testPerson({ name });
  return { id, version: 1, groupIds, document };
}

/** Who was there, of a group on a server that keeps what it is told. */
async function asked(...records: readonly PersonRecord[]) {
  const kept = new Map(records.map((record) => [record.id, record]));
  fakeBrowser((method, path, body) => {
    if (method === 'GET') return { status: 200, body: { people: [...kept.values()], unreadable: [], next: null } };
    const id = path.split('/').at(-1) ?? '';
    const { groupIds, document } = body as { groupIds: readonly string[]; document: PersonDocument };
    const record = { id, version: (kept.get(id)?.version ?? 0) + 1, groupIds, document };
    kept.set(id, record);
    return { status: 200, body: record };
  });
  const page = mountPart(RunPeople, { run: RUN, groupId: GROUP });
  await settled();
  const press = async (name: string, word: string) => {
    const row = page.findAll('li').find((line) => line.text().startsWith(name));
    await row
      ?.findAll('button')
      .find((one) => one.text() === word)
      ?.trigger('click');
    await settled();
  };
  const seen = (id: string) => kept.get(id)?.document.seen ?? [];
  return { page, press, seen };
}

it('asks of those of the group alone', async () => {
  const { page } = await asked(somebody('a', 'Anneke'), somebody('b', 'Bram', []));
  expect(page.findAll('li').map((line) => line.find('a').text())).toEqual(['Anneke']);
});

it('notes of everybody at one press that they were there and fine', async () => {
  const { page, seen } = await asked(somebody('a', 'Anneke'), somebody('b', 'Bram'));
  await button(page, 'All there, all fine').trigger('click');
  await settled();
  expect([seen('a'), seen('b')]).toMatchObject([
    [{ runId: RUN.id, state: 'fine' }],
    [{ runId: RUN.id, state: 'fine' }],
  ]);
  expect(page.findAll('button').some((one) => one.text() === 'All there, all fine')).toBe(false);
});

it('leaves alone of whom something is noted, when the others are fine', async () => {
  const { page, press, seen } = await asked(somebody('a', 'Anneke'), somebody('b', 'Bram'));
  await press('Anneke', 'not there');
  await button(page, 'The others: fine').trigger('click');
  await settled();
  expect([seen('a')[0]?.state, seen('b')[0]?.state]).toEqual(['not there', 'fine']);
});

it('asks where and which side only of somebody who had trouble, and takes an answer back at a second tap', async () => {
  const { page, press, seen } = await asked(somebody('a', 'Anneke'));
  expect(page.text()).not.toContain('knee');
  await press('Anneke', 'niggle');
  expect(seen('a')[0]?.state).toBe('niggle');
  await press('Anneke', 'knee');
  await press('Anneke', 'left');
  expect(seen('a')[0]).toMatchObject({ where: 'knee', side: 'left' });
  await press('Anneke', 'knee');
  expect(seen('a')[0]).toMatchObject({ where: null, side: 'left' });
});
