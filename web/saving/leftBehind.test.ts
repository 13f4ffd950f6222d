import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { expect, it } from 'vitest';
import { memoryStorage } from '../testing/fakeBrowser.ts';
import { browserKeep } from './browserKeep.ts';
import { doubtKeep, draftKeep, UNNAMED } from './drawers.ts';
import { clearKept, unsentCount } from './leftBehind.ts';

const MAREN = '11111111-1111-4111-8111-111111111111';
const OSKAR = '22222222-2222-4222-8222-222222222222';
const SAVE = { version: 1, saveId: 'save', groupId: null, siteId: null, circuit: emptyCircuit('Left behind') };

it('counts what is unsent, and leaves nothing of it, and nothing else is touched', () => {
  const storage = memoryStorage();
  storage.setItem('another application', 'stays');
  expect(unsentCount(MAREN, storage)).toBe(0);
  browserKeep(UNNAMED.unsent, 'circuit', storage).put('one', SAVE);
  browserKeep(MAREN, 'run', storage).put('two', {});
  draftKeep(MAREN, storage).put('three', SAVE);
  doubtKeep(MAREN, storage).put('three', SAVE);
  expect(unsentCount(MAREN, storage)).toBe(4);
  clearKept(MAREN, storage);
  expect(unsentCount(MAREN, storage)).toBe(0);
  expect(storage.getItem('another application')).toBe('stays');
});

it("keeps one coach's unsent work from the next, and keeps it for them", () => {
  const storage = memoryStorage();
  draftKeep(MAREN, storage).put('one', SAVE);
  expect(draftKeep(OSKAR, storage).get('one')).toBeUndefined();
  expect(unsentCount(OSKAR, storage)).toBe(0);
  clearKept(OSKAR, storage);
  expect(draftKeep(MAREN, storage).get('one')).toEqual(SAVE);
});

it('gives what an earlier version kept for nobody to the coach who opens its circuit, and to nobody after', () => {
  const storage = memoryStorage();
  browserKeep(UNNAMED.unsent, 'circuit', storage).put('one', SAVE);
  expect(draftKeep(MAREN, storage).get('one')).toEqual(SAVE);
  expect(draftKeep(OSKAR, storage).get('one')).toBeUndefined();
  expect(draftKeep(MAREN, storage).get('one')).toEqual(SAVE);
});
