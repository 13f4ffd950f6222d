import type { Range } from './units.ts';

/** A range as read: 8–10, or 8. */
export function rangeWords({ low, high }: Range): string {
  return low === high ? String(low) : `${String(low)}–${String(high)}`;
}
