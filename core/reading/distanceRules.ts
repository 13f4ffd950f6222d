import type { LENGTH_UNITS } from '../dose/distance.ts';
import { just } from '../units.ts';
import type { Spoken } from './spoken.ts';
import { once, R, range, rule, type SpokenRule } from './spokenRule.ts';

const FLOOR = '(?:floor|room|gym|hall|studio|mat|turf|court|lane|space)';

const lengthUnit = (word = ''): (typeof LENGTH_UNITS)[number] =>
  word.startsWith('y') ? 'yd' : word.startsWith('f') ? 'ft' : 'm';

/** A measured length; a range of lengths is taken at its middle. */
function notedLength(
  said: Spoken,
  low: string | undefined,
  high: string | undefined,
  unit: string | undefined,
): boolean {
  const found = range(low, high);
  return once(said, 'measure', { amount: (found.low + found.high) / 2, unit: lengthUnit(unit) });
}

/** How far it goes: a measured length, lengths of the floor, laps, there and back. */
export const DISTANCE_RULES: readonly SpokenRule[] = [
  // How far.
  rule(
    `(?:\\b(\\d+) ?x ?|\\b)${R} ?(m|met(?:re|er)s?|y(?:ards?|ds?)?|ft|feet)(?![a-z/])( (?:(?:and|&) back|(?:there|down|out|up|forwards?|fwd) (?:and|&) back(?:wards?)?))?(?: ?x ?${R}(?! ?(?:m|yd|ft|pos))\\b)?`,
    (said, [before, low, high, unit, back, after, more]) => {
      if (!notedLength(said, low, high, unit)) return false;
      if (before !== undefined) said.lengths = just(Number(before));
      if (after !== undefined) said.lengths = range(after, more);
      if (back !== undefined) said.back = true;
      return true;
    },
  ),
  rule(
    `\\b(?:down |up |over )?${R} (?:lengths?|widths?|trips?|crossings?)(?: of the ${FLOOR})?(?! of)\\b`,
    (said, [low, high]) => once(said, 'lengths', range(low, high)),
  ),
  rule(`\\b(?:a?round) (?:the )?${FLOOR}(?: ?x ?| )?(\\d+)?(?: times)?\\b`, (said, [often]) =>
    once(said, 'laps', just(Number(often ?? 1))),
  ),
  rule(`\\b${R} laps?(?: of (?:the |a )?${FLOOR}| of)?\\b`, (said, [low, high]) =>
    once(said, 'laps', range(low, high)),
  ),
  rule(
    `\\b(?:(?:there|down|out|over)(?: the ${FLOOR})? and back|(?:across|down|to the (?:end|wall|other side|line|far end))(?: (?:of )?(?:the )?${FLOOR})? and back|and back again)\\b`,
    (said) => once(said, 'back', true),
  ),
  rule(
    `\\b(?:across (?:the )?${FLOOR}|to the (?:end|wall|other side|far end|line)(?: of the ${FLOOR})?|(?:the )?(?:full )?length of (?:the )?${FLOOR}|down the ${FLOOR})\\b`,
    (said) => once(said, 'lengths', just(1)),
  ),
];
