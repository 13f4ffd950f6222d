import { describe, expect, it } from 'vitest';
import { SHEET_KEYS } from '../sheet/entry/sheetKeys.ts';
import { STAGE_KEYS } from '../stage/stageKeys.ts';
import { namesOf, rowFor, type KeyMap } from './keyMap.ts';

const NONE = { altKey: false, shiftKey: false, ctrlKey: false, metaKey: false };
const on = (key: string, held: Partial<typeof NONE> = {}) => rowFor(SHEET_KEYS, { ...NONE, key, ...held });

describe('the keys of the sheet', () => {
  it.each([
    ['ArrowUp', {}, 'step'],
    ['ArrowDown', { shiftKey: true }, 'stretch'],
    ['ArrowUp', { altKey: true }, 'carry'],
    ['z', {}, 'undo'],
    ['z', { ctrlKey: true }, 'undo'],
    ['Z', { shiftKey: true, metaKey: true }, 'redo'],
    ['?', { shiftKey: true }, 'help'],
    ['Delete', {}, 'takeOut'],
    ['d', { ctrlKey: true }, undefined],
    ['d', { altKey: true }, undefined],
    ['x', {}, undefined],
  ] as const)('%s with %o is for: %s', (key, held, name) => expect(on(key, held)).toBe(name));
});

describe.each<[string, KeyMap<string>]>([
  ['sheet', SHEET_KEYS],
  ['Stage', STAGE_KEYS],
])('the key map of the %s', (_screen, map) => {
  it('has each of its keys once, so that every row can be reached', () => {
    for (const name of namesOf(map)) {
      const { keys, held, shown, does } = map[name] ?? { keys: [], shown: '', does: '' };
      for (const key of keys) {
        const pressed = { ...NONE, key, altKey: held === 'Alt', shiftKey: held === 'Shift' };
        expect(rowFor(map, pressed), `${name}: ${key}`).toBe(name);
      }
      expect(keys.length).toBeGreaterThan(0);
      if (shown !== '') expect(does).not.toBe('');
    }
  });
});
