import type { KeyMap } from '../../keys/keyMap.ts';
import { say as shared } from '../../wording/say.ts';
import { say } from '../say.ts';

const { keyNames: NAMES } = shared;

/** What each key does on the sheet. */
export const SHEET_KEYS = {
  step: { keys: ['ArrowUp', 'ArrowDown'], shown: '↑ ↓', does: say.sheetKeys.step },
  stretch: {
    keys: ['ArrowUp', 'ArrowDown'],
    held: 'Shift',
    shown: NAMES.withShift('↑ ↓'),
    does: say.sheetKeys.stretch,
  },
  carry: { keys: ['ArrowUp', 'ArrowDown'], held: 'Alt', shown: NAMES.withAlt('↑ ↓'), does: say.sheetKeys.carry },
  open: { keys: ['Enter'], shown: NAMES.enter, does: say.sheetKeys.open },
  leaveRows: { keys: ['Escape'], shown: '', does: '' },
  write: { keys: ['/'], shown: '/', does: say.sheetKeys.write },
  duplicate: { keys: ['d'], shown: 'd', does: say.sheetKeys.duplicate },
  takeOut: { keys: ['Backspace', 'Delete'], shown: NAMES.backspace, does: say.sheetKeys.takeOut },
  pin: { keys: ['p'], shown: 'p', does: say.sheetKeys.pin },
  optional: { keys: ['o'], shown: 'o', does: say.sheetKeys.optional },
  yes: { keys: ['y'], shown: 'y', does: say.sheetKeys.yes },
  other: { keys: ['1', '2'], shown: '1 2', does: say.sheetKeys.other },
  swaps: { keys: ['s'], shown: 's', does: say.sheetKeys.swaps },
  fit: { keys: ['f'], shown: 'f', does: say.sheetKeys.fit },
  late: { keys: ['l'], shown: 'l', does: say.sheetKeys.late },
  undo: { keys: ['z'], command: true, shown: 'z', does: say.sheetKeys.undo },
  redo: { keys: ['Z'], command: true, shown: NAMES.withShift('z'), does: say.sheetKeys.redo },
  start: { keys: [' '], shown: NAMES.space, does: say.sheetKeys.start },
  help: { keys: ['?'], shown: '?', does: say.sheetKeys.help },
} as const satisfies KeyMap<string>;
export type SheetKey = keyof typeof SHEET_KEYS;
