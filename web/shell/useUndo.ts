import { shallowRef, type ShallowRef } from 'vue';
import { useAction } from './useAction.ts';

/** Something that was just done, and the way back. */
export interface Undoable {
  /** Another one is another notice; the same one with other words is the same. */
  readonly key: string;
  readonly words: string;
  /** What the button says that undoes it. */
  readonly undo: string;
  readonly back: () => Promise<unknown>;
  /** What else can be done at once, where there is anything. */
  readonly more?: { readonly words: string; readonly go: () => Promise<unknown> };
}

/** What was last done on a page, until it is undone or forgotten. */
export interface Undo {
  readonly last: ShallowRef<Undoable | null>;
  offer(done: Undoable): void;
  /** Says something else of what was done, where it is still the last and was neither undone nor forgotten. */
  reword(key: string, words: string): void;
  undo(): Promise<void>;
  more(): Promise<void>;
  forget(): void;
}

/** For pages on which something is taken away: a press of a button brings the last of it back. */
export function useUndo(): Undo {
  const { act } = useAction();
  const last = shallowRef<Undoable | null>(null);

  function reword(key: string, words: string): void {
    if (last.value?.key === key) last.value = { ...last.value, words };
  }

  async function undo(): Promise<void> {
    const done = last.value;
    if (done && (await act(done.back)) && last.value?.key === done.key) last.value = null;
  }

  async function more(): Promise<void> {
    const go = last.value?.more?.go;
    if (go) await act(go);
  }

  return {
    last,
    offer: (done) => (last.value = done),
    reword,
    undo,
    more,
    forget: () => (last.value = null),
  };
}
