import { MOST_UNREAD } from '../circuit/bounds.ts';
import type { UnreadLine } from '../circuit/circuit.ts';

/** A text that could not be read, kept whole: as one line, or as several where it is longer than a line may be. */
export function unreadLines(text: string, idOf: (part: number) => string): readonly UnreadLine[] {
  return partsOf(text).map((part, index) => ({ kind: 'unread', id: idOf(index), text: part }));
}

function partsOf(text: string): readonly string[] {
  const parts: string[] = [];
  let rest = text;
  while (rest.length > MOST_UNREAD) {
    // Two halves of one letter stay together.
    const end = MOST_UNREAD - (/[\ud800-\udbff]/.test(rest.charAt(MOST_UNREAD - 1)) ? 1 : 0);
    parts.push(rest.slice(0, end));
    rest = rest.slice(end);
  }
  return [...parts, rest];
}
