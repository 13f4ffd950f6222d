import { lazily } from '../lazily.ts';
import { nameWords } from './words.ts';

/**
 * Movements that coaches name and that no warm-up drill stands for: machines, lifts, gymnastics. Read as a guess each would
 * become something silly. A studio that has one of them as its own drill, or has taught it as a word, is understood before.
 */
export const STRANGERS: readonly string[] =
  'turkish get up; arm bar; kettlebell windmill; battle ropes; handstand; headstand; jefferson curl; ab wheel; power clean; hang clean; clean and press; push press; bench press; lat pulldown; leg press; tire flip; tyre flip; boat pose; neck curl; curl machine; chest press machine; leg extension machine'.split(
    '; ',
  );

const known = lazily(() => STRANGERS.map((name) => nameWords(name)));

/** Whether these words name a movement that is no drill of any warm-up: nothing is guessed at then. */
export const isStranger = (words: readonly string[]): boolean =>
  known().some((stranger) => stranger.every((word) => words.includes(word)));
