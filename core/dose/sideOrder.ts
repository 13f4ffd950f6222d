import type { Extra, SideWord } from './dose.ts';

/** One side after the other. */
export type SideOrder = readonly ['left', 'right'] | readonly ['right', 'left'];

/**
 * Which side begins where they are done one after the other: the one that gets more, while people are fresh; the left where
 * neither does. What is done one way and the other begins the same way every time. Common practice, no source.
 */
export function sideOrder(extra: Extra | null, sideWord: SideWord): SideOrder {
  return extra?.side === 'right' && sideWord === 'side' ? ['right', 'left'] : ['left', 'right'];
}
