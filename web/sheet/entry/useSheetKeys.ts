import { allSlots, type Slot } from '@prompt-spark/core/circuit/circuit';
import { useKeyMap } from '../../keys/keyMap.ts';
import { useLibraryStore } from '../../library/library.ts';
import { guessOf, type RowGuess } from '../rows/guessOf.ts';
import { useTeaching } from '../rows/useTeaching.ts';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import { SHEET_KEYS, type SheetKey } from './sheetKeys.ts';

/** The element that the whiteboard line is typed in. */
export const WHITEBOARD_ID = 'whiteboard-line';

/** Things that take all their own keys, and things that take only the keys that press them. */
const TYPED_IN = 'input, textarea, select, [role="combobox"], [contenteditable="true"], .v-overlay';
const PRESSED = 'button, a';

/** The keys of the sheet, heard wherever nothing else is typed in. */
export function useSheetKeys(go: Record<'start' | 'help' | 'swaps' | 'fit' | 'late', () => void>): void {
  const sheet = useSheetStore();
  const editing = useEditingStore();
  const teaching = useTeaching();
  const library = useLibraryStore();
  /** Settles what the selected row was guessed to be, where it was. */
  const settle = (how: (slot: Slot, guess: RowGuess) => Promise<void> | undefined): void => {
    const slot = allSlots(sheet.circuit).find(({ id }) => id === editing.selectedId);
    if (slot && slot.guess !== '') void how(slot, guessOf(slot, library.library));
  };
  const by = ({ key }: KeyboardEvent): -1 | 1 => (key === 'ArrowUp' ? -1 : 1);

  useKeyMap<SheetKey>(
    SHEET_KEYS,
    {
      step: (event) => editing.step(by(event)),
      stretch: (event) => editing.stretch(by(event)),
      carry: (event) => editing.carry(by(event)),
      open: () => editing.toggleOpen(),
      leaveRows: () => editing.select(editing.selectedId),
      write: () => document.getElementById(WHITEBOARD_ID)?.focus(),
      duplicate: editing.duplicate,
      takeOut: () => editing.takeOut(),
      pin: () => editing.toggle('pinned'),
      optional: () => editing.toggle('optional'),
      yes: () => settle((slot, { guessed }) => guessed && teaching.yes(slot.id, slot.guess, guessed)),
      other: ({ key }) =>
        settle((slot, { others }) => {
          const meant = others[Number(key) - 1];
          return meant && teaching.means(slot.id, slot.guess, meant);
        }),
      undo: sheet.undo,
      redo: sheet.redo,
      ...go,
    },
    isHeard,
  );
}

function isHeard({ key, target }: KeyboardEvent): boolean {
  if (!(target instanceof Element)) return true;
  const presses = key === 'Enter' || key === ' ';
  return !target.closest(TYPED_IN) && !(presses && target.closest(PRESSED));
}
