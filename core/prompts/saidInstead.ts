import { MOST_CUE, MOST_SAID_INSTEAD } from '../circuit/bounds.ts';
import type { Slot } from '../circuit/circuit.ts';

/**
 * A slot in which a line of the script is said otherwise. Of too many changes the oldest is forgotten.
 *
 * @param line the line in its fullest form
 * @param instead what is said in its place; empty for nothing, null for the line as it was
 */
export function withSaidInstead(slot: Slot, line: string, instead: string | null): Slot {
  const others = slot.said.filter((one) => one.line !== line);
  if (instead === null || instead.trim() === line) return { ...slot, said: others };
  return { ...slot, said: [...others, { line, instead: instead.trim().slice(0, MOST_CUE) }].slice(-MOST_SAID_INSTEAD) };
}
