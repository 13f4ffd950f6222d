/** A word as it is written, and as it is spelt for the voice so that it is spoken right. */
export interface Pronunciation {
  readonly written: string;
  readonly spoken: string;
}

/** Letters of a word that is pronounced otherwise, and of how it is spoken. */
export const MOST_PRONOUNCED = 60;

/**
 * A text as the voice is given it: words of the list are spelt as they are spoken, longer ones first, whole words only and
 * whether they are written small or large. What is shown stays as it is written.
 */
export function pronounced(text: string, list: readonly Pronunciation[]): string {
  if (list.length === 0) return text;
  const spoken = new Map(list.map((one) => [one.written.toLowerCase(), one.spoken]));
  const words = [...spoken.keys()].toSorted((one, other) => other.length - one.length).map(escaped);
  const anyOf = new RegExp(`(?<![\\p{L}\\p{N}])(?:${words.join('|')})(?![\\p{L}\\p{N}])`, 'giu');
  return text.replace(anyOf, (word) => spoken.get(word.toLowerCase()) ?? word);
}

const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
