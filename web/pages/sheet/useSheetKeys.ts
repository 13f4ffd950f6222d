import { useEventListener } from '@vueuse/core';
import { useDeskStore } from '../../stores/desk.ts';
import { useSheetStore } from '../../stores/sheet.ts';

/** The element that the whiteboard line is typed in. */
export const WHITEBOARD_ID = 'whiteboard-line';

/** What a key does on the sheet, for the help. */
export const SHEET_KEYS: readonly (readonly [string, string])[] = [
  ['↑ ↓', 'go from row to row'],
  ['Shift ↑ ↓', 'pick rows to act on together'],
  ['Alt ↑ ↓', 'carry the row'],
  ['Enter', 'open or close its dose'],
  ['/', 'write on the whiteboard line'],
  ['d', 'duplicate the row'],
  ['Backspace', 'take the row out'],
  ['p', 'pin or unpin it'],
  ['o', 'mark it optional'],
  ['s', 'swaps and tracks'],
  ['f', 'fit to the time'],
  ['l', 'we’re late'],
  ['z', 'undo'],
  ['Shift z', 'redo'],
  ['Space', 'start'],
  ['?', 'show these keys'],
];

/** Things that take all their own keys, and things that take only the keys that press them. */
const TYPED_IN = 'input, textarea, select, [role="combobox"], [contenteditable="true"], .v-overlay';
const PRESSED = 'button, a';

/** The keys of the sheet, heard wherever nothing else is typed in. */
export function useSheetKeys(go: Record<'start' | 'help' | 'swaps' | 'fit' | 'late', () => void>): void {
  const sheet = useSheetStore();
  const desk = useDeskStore();

  function arrow({ altKey, shiftKey }: KeyboardEvent, by: -1 | 1): void {
    if (altKey) desk.carry(by);
    else if (shiftKey) desk.stretch(by);
    else desk.step(by);
  }

  function act(event: KeyboardEvent): (() => void) | undefined {
    if (event.ctrlKey || event.metaKey) {
      if (event.key.toLowerCase() !== 'z') return undefined;
      return event.shiftKey ? sheet.redo : sheet.undo;
    }
    switch (event.key) {
      case 'ArrowUp':
        return () => arrow(event, -1);
      case 'ArrowDown':
        return () => arrow(event, 1);
      case 'Escape':
        return () => desk.select(desk.selectedId);
      case 'Enter':
        return () => desk.toggleOpen();
      case '/':
        return () => document.getElementById(WHITEBOARD_ID)?.focus();
      case 'd':
        return desk.duplicate;
      case 'Backspace':
      case 'Delete':
        return () => desk.takeOut();
      case 'p':
        return () => desk.toggle('pinned');
      case 'o':
        return () => desk.toggle('optional');
      case 'z':
        return sheet.undo;
      case 'Z':
        return sheet.redo;
      case 's':
        return go.swaps;
      case 'f':
        return go.fit;
      case 'l':
        return go.late;
      case '?':
        return go.help;
      case ' ':
        return go.start;
      default:
        return undefined;
    }
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const { target } = event;
    if (target instanceof Element && target.closest(TYPED_IN)) return;
    const presses = event.key === 'Enter' || event.key === ' ';
    if (presses && target instanceof Element && target.closest(PRESSED)) return;
    const doIt = act(event);
    if (!doIt) return;
    event.preventDefault();
    doIt();
  });
}
