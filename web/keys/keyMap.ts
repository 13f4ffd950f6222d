import { useEventListener } from '@vueuse/core';

/** One thing that a key does. */
export interface KeyRow {
  /** As the browser names them. */
  readonly keys: readonly string[];
  /** A key that is held down with it. */
  readonly held?: 'Alt' | 'Shift';
  /** Heard with Ctrl or ⌘ as well. */
  readonly command?: boolean;
  /** The key as the help shows it; empty for one that it leaves out. */
  readonly shown: string;
  readonly does: string;
}

/** Everything that keys do on a screen, by name, from which keys are heard and the help is drawn. Of two that fit, the first counts. */
export type KeyMap<Name extends string> = Readonly<Record<Name, KeyRow>>;

/** What is done for each row of a key map; undefined where it is not to be had now. */
export type KeyActs<Name extends string> = Readonly<Record<Name, ((event: KeyboardEvent) => void) | undefined>>;

type Pressed = Pick<KeyboardEvent, 'key' | 'altKey' | 'shiftKey' | 'ctrlKey' | 'metaKey'>;

/** The row of a key map that a key press is for. */
export function rowFor<Name extends string>(map: KeyMap<Name>, pressed: Pressed): Name | undefined {
  return namesOf(map).find((name) => fits(map[name], pressed));
}

/** The names of a key map, in the order of the help. */
export function namesOf<Name extends string>(map: KeyMap<Name>): readonly Name[] {
  // An object literal with these keys and no others.
  return Object.keys(map) as Name[];
}

function fits({ keys, held, command = false }: KeyRow, { key, altKey, shiftKey, ctrlKey, metaKey }: Pressed): boolean {
  if (!keys.includes(key)) return false;
  if ((ctrlKey || metaKey) && !command) return false;
  if (altKey !== (held === 'Alt')) return false;
  // A letter or a sign has shift in it already: Z is not z, and ? is one key or two.
  return key.length === 1 || shiftKey === (held === 'Shift');
}

/**
 * Hears the keys of a screen.
 *
 * @param isHeard whether a key press is for the screen at all, and not for what has the focus
 */
export function useKeyMap<Name extends string>(
  map: KeyMap<Name>,
  acts: KeyActs<Name>,
  isHeard: (event: KeyboardEvent) => boolean,
): void {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (!isHeard(event)) return;
    const name = rowFor(map, event);
    const act = name && acts[name];
    if (!act) return;
    event.preventDefault();
    act(event);
  });
}
