import { just } from '../units.ts';
import type { Spoken } from './spoken.ts';
import { andThen, once, R, range, rule, type SpokenRule } from './spokenRule.ts';

const LEFT = '(?:left|l)';
const RIGHT = '(?:right|r)';
/** A count or seconds of one side. */
const EACH_SAID = '\\b(\\d+)( seconds)?';
const THERE = '(?:clockwise|cw|forwards?|fwd|in|inwards?)';
const AND_BACK =
  '(?:counter-?clockwise|anti-?clockwise|counter clockwise|anti clockwise|ccw|acw|backwards?|back|bwd|reverse|out|outwards?)';

/** The shortest rest that is meant where two numbers stand for work and rest. Common practice, no source. */
const LEAST_REST = 5;

/** More on one side than on the other, of counts or seconds that are told apart. */
function notedSides(said: Spoken, left: number, right: number, timed: boolean): boolean {
  if (!once(said, timed ? 'seconds' : 'count', just(Math.min(left, right)))) return false;
  said.sides = 'each';
  if (left !== right) said.extra = { side: left > right ? 'left' : 'right', more: Math.abs(left - right) };
  return true;
}

/** What is said of the two sides, or the two ways, one by one. */
export const UNEVEN_RULES: readonly SpokenRule[] = [
  // "10/10", "x 6/6", "30s/30s": as much on each side; "45/15": work and rest.
  rule(
    '(?:(?<![\\w/])x ?|(?<![\\d/])\\b)(\\d+)( seconds)? ?[/+] ?(\\d+)( seconds)?\\b(?![/%])',
    (said, [one, unit, other, otherUnit]) => {
      const [first, second] = [Number(one), Number(other)];
      const timed = unit !== undefined || otherUnit !== undefined;
      if (first === second) {
        return andThen(once(said, timed ? 'seconds' : 'count', just(first)), () => {
          said.sides = 'each';
        });
      }
      if (first < second || second < LEAST_REST) return false;
      return andThen(once(said, 'seconds', just(first)), () => {
        said.rest = second;
      });
    },
  ),

  // Left and right, round and round.
  rule(
    `${EACH_SAID} ?(?:on )?(?:the )?${LEFT}\\b[ ,/&+-]*(?:and |then )?${EACH_SAID} ?(?:on )?(?:the )?${RIGHT}\\b`,
    (said, [left, timed, right]) => notedSides(said, Number(left), Number(right), timed !== undefined),
  ),
  rule(
    `${EACH_SAID} ?(?:on )?(?:the )?${RIGHT}\\b[ ,/&+-]*(?:and |then )?${EACH_SAID} ?(?:on )?(?:the )?${LEFT}\\b`,
    (said, [right, timed, left]) => notedSides(said, Number(left), Number(right), timed !== undefined),
  ),
  rule(`\\b${LEFT}:? ${EACH_SAID}[ ,/&+-]*(?:and |then )?${RIGHT}:? ${EACH_SAID}\\b`, (said, [left, timed, right]) =>
    notedSides(said, Number(left), Number(right), timed !== undefined),
  ),
  rule(
    `\\b${R} ?(seconds )?${THERE}\\b[ ,/&+-]*(?:and |then )?(?:\\d+ ?(?:seconds )?)?${AND_BACK}\\b`,
    (said, [low, high, unit]) =>
      andThen(once(said, unit ? 'seconds' : 'count', range(low, high)), () => {
        said.sides = 'each';
      }),
  ),
  rule(
    `\\bhalf (?:of (?:it|them) )?${THERE}\\b[ ,/&+-]*(?:and |then )?half (?:of (?:it|them) )?${AND_BACK}\\b`,
    (said) => {
      said.sides = 'each';
      said.halves = true;
      return true;
    },
  ),
];
