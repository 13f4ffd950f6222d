import type { KeyMap } from '../../keys/keyMap.ts';

/** What each key does on the sheet. */
export const SHEET_KEYS = {
  step: { keys: ['ArrowUp', 'ArrowDown'], shown: '↑ ↓', does: 'go from row to row' },
  stretch: { keys: ['ArrowUp', 'ArrowDown'], held: 'Shift', shown: 'Shift ↑ ↓', does: 'pick several rows' },
  carry: { keys: ['ArrowUp', 'ArrowDown'], held: 'Alt', shown: 'Alt ↑ ↓', does: 'move the row up or down' },
  open: { keys: ['Enter'], shown: 'Enter', does: 'open or close how much of it' },
  leaveRows: { keys: ['Escape'], shown: '', does: '' },
  write: { keys: ['/'], shown: '/', does: 'write on the whiteboard line' },
  duplicate: { keys: ['d'], shown: 'd', does: 'duplicate the row' },
  takeOut: { keys: ['Backspace', 'Delete'], shown: 'Backspace', does: 'remove the row' },
  pin: { keys: ['p'], shown: 'p', does: 'pin or unpin it' },
  optional: { keys: ['o'], shown: 'o', does: 'mark it optional' },
  yes: { keys: ['y'], shown: 'y', does: 'yes, that is what I meant' },
  other: { keys: ['1', '2'], shown: '1 2', does: 'no, the first or second of the others' },
  swaps: { keys: ['s'], shown: 's', does: 'swaps' },
  fit: { keys: ['f'], shown: 'f', does: 'fit to the time' },
  late: { keys: ['l'], shown: 'l', does: 'we’re late' },
  undo: { keys: ['z'], command: true, shown: 'z', does: 'undo' },
  redo: { keys: ['Z'], command: true, shown: 'Shift z', does: 'redo' },
  start: { keys: [' '], shown: 'Space', does: 'start' },
  help: { keys: ['?'], shown: '?', does: 'show these keys' },
} as const satisfies KeyMap<string>;
export type SheetKey = keyof typeof SHEET_KEYS;
