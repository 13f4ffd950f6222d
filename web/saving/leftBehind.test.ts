import { expect, it } from 'vitest';
import { memoryStorage } from '../testing/fakeBrowser.ts';
import { clearKept, unsentCount } from './leftBehind.ts';
import { browserKeep } from './browserKeep.ts';

it('counts what is unsent, and leaves nothing of it, and nothing else is touched', () => {
  const storage = memoryStorage();
  storage.setItem('another application', 'stays');
  expect(unsentCount(storage)).toBe(0);
  browserKeep('unsent', 'circuit', storage).put('one', { title: 'Kept' });
  browserKeep('coach', 'run', storage).put('two', {});
  expect(unsentCount(storage)).toBe(2);
  clearKept(storage);
  expect(unsentCount(storage)).toBe(0);
  expect(storage.getItem('another application')).toBe('stays');
});
