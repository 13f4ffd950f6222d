import { distance } from 'fastest-levenshtein';
import type { NameIndex } from './nameIndex.ts';
import { rootOf } from './words.ts';

/** The words as the index knows them: two that are one there are joined, one that is two is parted, and slips are put right. */
export function knownWords(words: readonly string[], index: NameIndex): readonly string[] {
  const joined = joinedWords(words, index);
  return joined.flatMap((word) => {
    if (index.weight.has(word) || word.length < 3 || /\d/.test(word)) return [word];
    return partsOf(word, index) ?? [nearestWord(word, index)];
  });
}

function joinedWords(words: readonly string[], { weight }: NameIndex): readonly string[] {
  const joined: string[] = [];
  for (let at = 0; at < words.length; at += 1) {
    const both = `${words[at] ?? ''}${words[at + 1] ?? ''}`;
    const apart = weight.has(words[at] ?? '') && weight.has(words[at + 1] ?? '');
    if (at + 1 < words.length && weight.has(both) && !apart) {
      joined.push(both);
      at += 1;
    } else joined.push(words[at] ?? '');
  }
  return joined;
}

function partsOf(word: string, { weight }: NameIndex): readonly string[] | undefined {
  for (let at = 2; at <= word.length - 2; at += 1) {
    const parts = [word.slice(0, at), word.slice(at)];
    const roots = parts.map(rootOf);
    if (roots.every((root) => weight.has(root) && root.length > 1)) return roots;
  }
  return undefined;
}

/** Slips that are remembered of one index. */
const MOST_SLIPS = 5_000;

/** A known word that is one slip away, or two in a long word; the one with the same first letter goes first. */
function nearestWord(word: string, { weight, slips }: NameIndex): string {
  const before = slips.get(word);
  if (before !== undefined) return before;
  const most = word.length >= 5 ? 2 : 1;
  let best = { known: word, far: Infinity };
  for (const known of weight.keys()) {
    if (Math.abs(known.length - word.length) > most || known.length < 4) continue;
    if (word.length < 4 && !known.startsWith(word)) continue;
    const between = slipsBetween(word, known);
    if (between > most) continue;
    const sameStart = known.startsWith(word.charAt(0));
    const inCommon = shared(word, known);
    const far = between + (sameStart ? 0 : 0.5) - 0.05 * inCommon;
    const alike = sameStart && inCommon >= word.length - 1;
    if ((between === 1 || alike || word.length > 7 || word.startsWith(known)) && far < best.far) best = { known, far };
  }
  if (slips.size >= MOST_SLIPS) slips.clear();
  slips.set(word, best.known);
  return best.known;
}

/** How many letters two words have in common, wherever they stand. */
function shared(one: string, other: string): number {
  let left = other;
  let count = 0;
  for (const letter of one) {
    const at = left.indexOf(letter);
    if (at < 0) continue;
    left = left.slice(0, at) + left.slice(at + 1);
    count += 1;
  }
  return count;
}

/** Letters that differ between two words, two neighbours that changed places counting as one. */
function slipsBetween(one: string, other: string): number {
  const plain = distance(one, other);
  if (plain !== 2 || one.length !== other.length) return plain;
  for (let at = 0; at < one.length - 1; at += 1) {
    const swapped = one.slice(0, at) + one.charAt(at + 1) + one.charAt(at) + one.slice(at + 2);
    if (swapped === other) return 1;
  }
  return plain;
}
