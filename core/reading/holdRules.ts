import { just } from '../units.ts';
import { andThen, once, perhapsName, R, range, rule, T, type SpokenRule } from './spokenRule.ts';

/** As long as it feels right, holds, and the tempo of a repetition. */
export const HOLD_RULES: readonly SpokenRule[] = [
  // As long as it takes.
  rule(
    "(?:\\b(?:un)?till? (?:it feels? (?:good|better|loose|warm|right|easy|easier)|(?:you are |you're )?(?:loose|warm|ready)|it (?:eases|lets go|burns|releases)|you feel [a-z ]{1,40}))|\\b(?:by|on|to) feel\\b|\\bas (?:needed|required|long as (?:needed|it takes|you like))|\\bto (?:burn-? ?out|fatigue|failure|the burn)\\b|\\bas many as (?:possible|you can|they can)|\\bamrap\\b|\\bmax(?:imum)? reps?\\b|\\bburn-? ?out\\b",
    (said) => {
      said.feel = true;
      return true;
    },
    'g',
  ),

  // Holds.
  rule(`\\b(\\d+) pos(?:itions?)?\\b`, (said, [positions]) => once(said, 'positions', Number(positions))),
  rule(`\\b${R} ?x ?${T}(?: (?:holds?|each))?`, (said, [low, high, from, to]) =>
    andThen(said.seconds === undefined && once(said, 'times', range(low, high)), () => {
      said.seconds = range(from, to);
    }),
  ),
  rule(
    `\\b(?:holding|holds?|squeezing|squeeze|pausing|pause)(?: (?:each|it|them|there|that))?(?: (?:at|in) (?:the )?(?:top|bottom|end))?(?: for)? ${T}`,
    (said, [low, high]) => once(said, 'hold', range(low, high)) && perhapsName(said, 'hold'),
  ),
  rule(
    `(?:\\bwith )?(?:\\ba )?\\b${T} (?:holds?|squeezes?|pauses?|iso(?:metric)? holds?)(?: (?:at|in) (?:the )?(?:top|bottom|end))?\\b`,
    (said, [low, high]) => once(said, 'hold', range(low, high)) && perhapsName(said, 'hold'),
  ),

  rule(
    `\\bhold(?:ing)?(?: for)? (\\d+)(?![\\d.]| ?(?:x|-|reps|times|sets|rounds|seconds|m\\b|pos))`,
    (said, [seconds]) => once(said, 'hold', just(Number(seconds))) && perhapsName(said, 'hold'),
  ),
  rule(
    `\\b(\\d+) holds?\\b(?! ?\\d)`,
    (said, [seconds]) => once(said, 'hold', just(Number(seconds))) && perhapsName(said, 'hold'),
  ),
  rule(
    '(?:@ ?|\\btempo ?(?:of )?)(\\d(?:\\.5)?)-?(\\d(?:\\.5)?)-?(\\d(?:\\.5)?)(?![\\d.])',
    (said, [lower, hold, lift]) =>
      once(said, 'tempo', { kind: 'phased', lower: Number(lower), hold: Number(hold), lift: Number(lift) }),
  ),
];
