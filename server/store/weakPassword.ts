import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** Below this many guesses, as a power of ten, a password falls to a patient stranger in spite of the limits on tries. */
const LEAST_GUESSES_LOG10 = 8;
/** Letters that are looked at: what is longer is strong by its length, and to look at all of it would take long. */
const MOST_LOOKED_AT = 72;

let estimator: ZxcvbnFactory | undefined;

/**
 * Whether a password is a common one or easily guessed: one of the tens of thousands that are tried first, a run of the
 * keyboard, a repetition, or what is known of whose it is (NIST SP 800-63B, 5.1.1.2, asks for such a list).
 */
export function isWeak(password: string, known: readonly string[]): boolean {
  estimator ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs, useLevenshteinDistance: false });
  const words = known.flatMap((text) => [text, ...text.split(/[\s@.]/)]).filter((word) => word.length > 2);
  const looked = password.slice(0, MOST_LOOKED_AT);
  return estimator.check(looked, [...words, 'prompt spark', 'promptspark']).guessesLog10 < LEAST_GUESSES_LOG10;
}
