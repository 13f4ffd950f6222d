import { MOST_LINES, MOST_SECONDS } from '../circuit/bounds.ts';
import type { Seconds } from '../units.ts';
import { plainText } from './plainText.ts';
import { spokenLine } from './spokenDose.ts';

/** What is said of a part of which only some drills are done at a time. */
export interface PickSaid {
  /** How many; null for all of them, and 1 where a time is said, until it is known how many fit. */
  readonly pick: number | null;
  /** How long they may take; null where no time is said. */
  readonly pickWithin: Seconds | null;
}

/** All of a part is done. */
export const NOT_PICKED: PickSaid = { pick: null, pickWithin: null };

const BEFORE = '(?:^|[ :,(-]{1,3})';
const CHOOSE = '(?:(?:pick|choose|do|take) )?';
const THESE = '(?:these|those|them|the following)(?: \\d{1,2})?';
const THINGS = '(?: (?:drills?|exercises?|moves?|movements?))?';
const TIME = '(\\d{1,3}(?::[0-5]\\d| ?(?:minutes?|mins?|m|seconds?|secs?|s)))';
const WHO = '(?:you|they|we|people|everybody|everyone|the (?:group|class|team))';
const NEED = `what(?:ever)? ${WHO} needs?(?: most)?(?: today)?`;

const NUMBER_OF = new RegExp(
  `${BEFORE}${CHOOSE}(?:any )?(\\d{1,2})${THINGS} (?:of|from|out of) (?:${THESE}|\\d{1,2})${THINGS}\\)?$`,
);
const NUMBER_ALONE = new RegExp(`${BEFORE}(?:pick|choose|any) (\\d{1,2})${THINGS}\\)?$`);
const TIME_OF_THESE = new RegExp(`${BEFORE}${CHOOSE}${TIME} (?:worth )?(?:of|from|out of) ${THESE}${THINGS}\\)?$`);
const TIME_OF_NEED = new RegExp(`${BEFORE}${CHOOSE}${TIME}(?: (?:worth )?of|[:,-])? ?${NEED}\\)?$`);
const NEED_FOR_TIME = new RegExp(`${BEFORE}${CHOOSE}${NEED}(?: for|[:,-])? ?\\(?${TIME}\\)?$`);

/**
 * A line in plain words without what is done of a part at a time, and what that is: "mobility, 2 of these" is "mobility"
 * and 2; "mobility: 3 minutes of what you need" is "mobility" and 3:00.
 */
export function pickApart(plain: string): { readonly plain: string } & PickSaid {
  const number = NUMBER_OF.exec(plain) ?? NUMBER_ALONE.exec(plain);
  const pick = Number(number?.[1] ?? 0);
  if (number && pick > 0 && pick <= MOST_LINES) return { plain: plain.slice(0, number.index), pick, pickWithin: null };
  const time = TIME_OF_THESE.exec(plain) ?? TIME_OF_NEED.exec(plain) ?? NEED_FOR_TIME.exec(plain);
  const seconds = spokenLine(time?.[1] ?? '').said.seconds?.high ?? 0;
  if (!time || seconds < 1 || seconds > MOST_SECONDS) return { plain, ...NOT_PICKED };
  return { plain: plain.slice(0, time.index), pick: 1, pickWithin: seconds };
}

/** What is done of a part at a time, from a line of its own: "2 of these six:", "pick three", "3 min of these". Undefined for any other line. */
export function pickSaid(typed: string): PickSaid | undefined {
  const { plain, pick, pickWithin } = pickApart(plainText(typed).replace(/[:.]$/, '').trim());
  return plain === '' && pick !== null ? { pick, pickWithin } : undefined;
}
