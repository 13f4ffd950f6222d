import { just } from '../units.ts';
import { AIM_RULES } from './aimRules.ts';
import { andThen, beside, once, R, range, rule, T, type SpokenRule } from './spokenRule.ts';

/** Sets, times and counts: what is left when all else is found. */
export const COUNT_RULES: readonly SpokenRule[] = [
  // Sets, times and counts.
  rule(`\\b${R} (?:sets?|rounds?)(?: of|:)?\\b`, (said, [low, high]) => once(said, 'sets', range(low, high))),
  rule(`\\b${R} ?x ?(?=\\d)`, (said, [low, high]) => once(said, 'sets', range(low, high))),
  rule(`(?:\\bfor )?\\b${T}`, (said, [low, high]) => once(said, 'seconds', range(low, high))),
  // Only inside a time is a number aimed at.
  ...AIM_RULES,
  rule(`@ ?(\\d+(?:\\.\\d+)?) seconds`, (said, [each]) => once(said, 'tempo', { kind: 'even', seconds: Number(each) })),
  rule(`\\b(?:up to|no more than|max(?:imum)?(?: of)?) (\\d+)\\b(?: (?:reps?|repetitions?|times))?`, (said, [most]) =>
    andThen(once(said, 'count', just(Number(most))), () => {
      said.upTo = true;
    }),
  ),
  rule(
    `(?:\\b(?:about|around|roughly|approx(?:imately)?|maybe|at least|min(?:imum)?(?: of)?) |~ ?|\\bc\\. ?)?\\b${R} ?(reps?|repetitions?|times|goes|cycles?|counts?|steps?|x|-?ish)(?![a-z0-9])`,
    (said, [low, high]) =>
      andThen(once(said, 'count', range(low, high)), () => {
        said.counted = true;
      }),
  ),
  rule(`(?<=[a-z] )${R} (?:skips|jumps|hops|taps|swings|kicks|punches|circles)$`, (said, [low, high]) =>
    once(said, 'count', range(low, high)),
  ),
  rule(`(?<![a-z0-9])x ?${R}(?![\\d/])`, (said, [low, high]) => once(said, 'count', range(low, high))),
  rule(`(?:\\b(?:about|around|roughly|approx(?:imately)?|maybe|at least) |~ ?)${R}(?![\\d/])`, (said, [low, high]) =>
    once(said, 'count', range(low, high)),
  ),
  rule(`(?<=^|¦|[,:;(]|- ) ?${R}(?= [a-z¦]|\\)|$)(?! ?-?(?:way|point|pos|count|seconds?\\b))`, (said, [low, high]) =>
    once(said, 'count', range(low, high)),
  ),
  rule(`(?<= )(?<![/\\d] )${R}(?= ?(?:$|¦|[,;)]))`, (said, [low, high]) => once(said, 'count', range(low, high))),
  // On the way back they rest; a length of it would be a drill of its own.
  rule(
    `(?<=[,(] ?|\\bwith )\\b(?:(?:easy )?(?:walk|jog|stroll) back)(?: (?:recovery|rest|easy|slowly|to start))?(?= ?(?:$|[,;)]))`,
    (said, _, words) => ![said.measure, said.lengths, said.laps].some(Boolean) && beside(said, words),
  ),
  // Twenty seconds of work and ten of rest, eight times where it is not said how often (Tabata and others, 1996).
  rule(`\\btabatas?\\b(?: style| of)?`, (said) =>
    andThen(once(said, 'seconds', just(20)), () => {
      said.rest ??= 10;
      said.restBetween = true;
      said.sets ??= said.count ?? just(8);
      delete said.count;
    }),
  ),
  rule(`(?<![\\w/.%:-])${R}(?![\\w/.%:-]| seconds?\\b)`, (said, [low, high]) => once(said, 'count', range(low, high))),
];
