import type { Spoken } from './spoken.ts';
import { inSeconds } from './inSeconds.ts';
import { SPOKEN_RULES } from './spokenRules.ts';

/** What a line says of how much, and what is left of it: the parts of the name, in their order. */
export interface SpokenLine {
  readonly said: Spoken;
  readonly parts: readonly string[];
}

/** Finds what is said of a dose wherever it stands in a plain line; what is left is the name. */
export function spokenLine(plain: string): SpokenLine {
  const said: Spoken = {};
  let text = oneSpaced(
    inSeconds(
      plain
        .replace(/\b90[ /-]90(?:'?s)?\b/g, NINETIES)
        .replace(/\bwarrior (?:pose )?[123]\b/g, numberedPose)
        .replace(/\s?(?:%|\bper ?cent\b)/g, '%'),
    ),
  );
  for (const { pattern, note } of SPOKEN_RULES) {
    const left = text.replace(pattern, (...found: unknown[]) => {
      // The last two are where it was found and the whole text.
      const groups = found.slice(1, -2).map((group) => (typeof group === 'string' ? group : undefined));
      const words = String(found[0]);
      return note(said, groups, words) ? ' ¦ ' : words;
    });
    if (left !== text) text = oneSpaced(left);
  }
  const parts = partsOf(text);
  // Breaths are a time, and where nothing else is said they are the drill as well.
  return { said, parts: parts.length === 0 && /\bbreaths?\b/.test(plain) ? ['deep breaths'] : parts };
}

/** The sitting position with both knees at a right angle, so that its figures are not taken for a dose. */
const NINETIES = 'ninetyninety';

/** The number of a pose is no dose: the third one balances on one leg, and has a name of its own. */
const numberedPose = (pose: string): string => (pose.endsWith('3') ? 'warriorthree' : 'warrior');

const oneSpaced = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** What stands between the dose words and the points of a line, without the words that only led to them. */
function partsOf(text: string): readonly string[] {
  return text
    .split(/[¦;:()[\]+&]|\bthen\b|\.(?:\s|$)|,(?=\s)|\s-\s|\s-$|^-\s/)
    .map(withoutLeads)
    .filter((part) => /[a-z0-9]/.test(part));
}

const LEADING = new Set('do then now next of some for with and finish start x'.split(' '));
const TRAILING = new Set('for of with and then at in on to x a the do'.split(' '));
const POINTS = /^[\s,./@-]$/;

/** A part of a line without the points at its ends and the words that only led to what stood before or after it. */
function withoutLeads(part: string): string {
  const words = part
    .split(' ')
    .map(withoutPoints)
    .filter((word) => word !== '');
  while (LEADING.has(words[0] ?? '')) words.shift();
  while (TRAILING.has(words.at(-1) ?? '')) words.pop();
  return words.join(' ');
}

function withoutPoints(word: string): string {
  let [from, to] = [0, word.length];
  while (from < to && POINTS.test(word.charAt(from))) from += 1;
  while (to > from && POINTS.test(word.charAt(to - 1))) to -= 1;
  return word.slice(from, to);
}
