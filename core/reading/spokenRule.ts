import type { Range } from '../units.ts';
import type { Spoken } from './spoken.ts';

/** The groups of a pattern that was found. */
export type Groups = readonly (string | undefined)[];

/** A way of saying something of a dose: where the pattern is found, what it says is noted, and its words belong to no name. */
export interface SpokenRule {
  readonly pattern: RegExp;
  /** Notes what was said; false where it says nothing here, so that the words stay. */
  readonly note: (said: Spoken, groups: Groups, words: string) => boolean;
}

/** A number or a range of them; fills two groups. */
export const R = '(\\d+(?:\\.\\d+)?)(?: ?(?:-|to|or) ?(\\d+(?:\\.\\d+)?))?';
/** A length of time, once every one is in seconds; fills two groups. */
export const T = `${R} seconds(?![a-z])`;

/** The two groups of R or T as a range, whichever way round they were said. */
export const range = (low: string | undefined, high: string | undefined): Range => {
  const [one, other] = [Number(low), Number(high ?? low)];
  return { low: Math.min(one, other), high: Math.max(one, other) };
};

/** A rule from the text of its pattern, every part of which is linear: the text is a stranger's. */
export const rule = (pattern: string, note: SpokenRule['note'], flags = ''): SpokenRule => ({
  pattern: new RegExp(pattern, flags),
  note,
});

/** Notes a value under a key that has none yet. */
export function once<Key extends keyof Spoken>(said: Spoken, key: Key, value: Spoken[Key]): boolean {
  if (said[key] !== undefined) return false;
  said[key] = value;
  return true;
}

/** Notes what is said beside the drill and is no dose: it becomes the row's cue. */
export const beside = (said: Spoken, words: string): boolean => {
  (said.beside ??= []).push(words.trim());
  return true;
};
/** Notes a word of the dose that may belong to the drill's name. */
export const perhapsName = (said: Spoken, word: string): true => {
  (said.perhapsName ??= []).push(word);
  return true;
};

/** What else is noted where the first was; gives whether it was. */
export const andThen = (noted: boolean, then: () => void): boolean => {
  if (noted) then();
  return noted;
};
