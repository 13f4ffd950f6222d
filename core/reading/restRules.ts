import { andThen, once, R, range, rule, T, type SpokenRule } from './spokenRule.ts';

/** Rest beside the work, or between its sets. */
export const REST_RULES: readonly SpokenRule[] = [
  // Work and rest.
  rule(
    `\\b${R}(?: seconds)? ?(?:on|work|go)[ ,/-]{1,3}(\\d+)(?: seconds)? ?(?:off|rest|easy)\\b`,
    (said, [low, high, rest]) =>
      andThen(once(said, 'seconds', range(low, high)), () => {
        said.rest = Number(rest);
      }),
  ),
  rule(
    `(?:\\bwith )?(?:\\ba )?\\b(?:rest|break|recovery|recover|pause)(?:s| of| for)? (?:for )?${T}( between(?: (?:sets|rounds|each))?)?`,
    (said, [low, high, between]) =>
      andThen(once(said, 'rest', range(low, high).high), () => {
        if (between) said.restBetween = true;
      }),
  ),
  rule(
    `(?:\\bwith )?\\brest(?:ing)?(?: of| for)? (\\d{1,3})\\b(?![\\d.:]| ?(?:-|x|reps?|sets?|rounds?|m\\b))`,
    (said, [seconds]) => once(said, 'rest', Number(seconds)),
  ),
  rule(
    `(?:\\bwith )?(?:\\ba )?\\b${T} (?:of )?(?:rest|break|recovery|off)\\b( between(?: (?:sets|rounds|each))?| in between)?`,
    (said, [low, high, between]) =>
      andThen(once(said, 'rest', range(low, high).high), () => {
        if (between) said.restBetween = true;
      }),
  ),
];
