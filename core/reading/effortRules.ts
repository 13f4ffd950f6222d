import type { SPEED_UNITS } from '../dose/distance.ts';
import type { BandStrength } from '../drills/inHand.ts';
import type { Range } from '../units.ts';
import { beside, once, R, rule, type SpokenRule } from './spokenRule.ts';

/** A slope from its first figure to its last, whichever is more. */
const climb = (low: string | undefined, high: string | undefined): Range => ({
  low: Number(low),
  high: Number(high ?? low),
});

const speedUnit = (word = ''): (typeof SPEED_UNITS)[number] =>
  word.startsWith('mp') ? 'mph' : word.startsWith('k') ? 'km/h' : 'm/s';

/** Marks, how hard it is, and what is in the hands. */
export const EFFORT_RULES: readonly SpokenRule[] = [
  // Marks.
  rule(
    "\\((?:optional|if (?:there is |there's )?time)\\)|\\boptional\\b|\\bif (?:there is |there's |you have )?time\\b",
    (said) => once(said, 'optional', true),
  ),
  rule('\\(new\\)|\\bnew (?:to (?:them|her|him|everyone|everybody|the group)|one|drill)\\b', (said) =>
    once(said, 'shownFirst', true),
  ),
  rule('\\b(?:show|demo|demonstrate) (?:it|this|them)(?: first)?\\b', (said) => once(said, 'shownFirst', true)),
  rule('!!', (said) => once(said, 'pinned', true) && once(said, 'doseKept', true)),
  rule('!', (said) => once(said, 'pinned', true)),
  rule('(?<=\\s)\\?', (said) => once(said, 'optional', true)),

  // What is done now and then on the way.
  rule(
    `\\b(?:on )?every (?:second|third|fourth|fifth|other|\\d{1,2}(?:nd|rd|th)?) (?:steps?|strides?|reps?|breaths?)\\b`,
    (said, _, words) => beside(said, words),
  ),

  // Speeds, slopes and efforts.
  rule(`(?:@|\\bat )? ?\\b${R} ?(mph|km/?h|kph|m/s)\\b`, (said, [low, high, unit]) =>
    once(said, 'speeds', { from: Number(low), to: Number(high ?? low), unit: speedUnit(unit) }),
  ),
  rule(`(?:@|\\bat |\\bon (?:a )?)? ?\\b${R} ?% ?(?:incline|grade|gradient|slope)\\b`, (said, [low, high]) =>
    once(said, 'grade', climb(low, high)),
  ),
  rule(
    `\\b(?:incline|grade|gradient|slope) ?(?:of |at |from )?(\\d+(?:\\.\\d+)?)%?(?: ?(?:-|to|>) ?(\\d+(?:\\.\\d+)?))? ?%?(?![\\d.])`,
    (said, [low, high]) => once(said, 'grade', climb(low, high)),
  ),

  // How quickly a machine goes round: told beside it, for no dose holds it.
  rule(
    `(?:@|\\bat )? ?\\b${R} ?(?:strokes?(?: (?:a|per) minutes?|/ ?min)?|spm|rpm|cadence)(?![a-z])`,
    (said, _, words) => beside(said, words),
  ),

  // Climbs in steps.
  rule(`\\b(\\d+(?:\\.\\d+)?(?: ?/ ?\\d+(?:\\.\\d+)?){2,11}) seconds(?![a-z])`, (said, [list = '']) =>
    once(said, 'steps', list.split('/').map(Number)),
  ),
  rule('\\b(?:in an? )?ramp(?:ing|ed)?(?: up)?\\b(?![ -]?up)(?! sets?)', (said) => once(said, 'ramp', true)),
  rule(`(?:\\bat |@ ?)?\\b((?:\\d{1,3}%? ?(?:/|,|-|then|and) ?|[4-9]\\d%? ){0,9}\\d{1,3} ?%)`, (said, [list = '']) =>
    once(said, 'percents', (list.match(/\d+/g) ?? []).map(Number)),
  ),
  rule(
    `(to |@ ?|at )?(?:an )?\\b(?:effort|rpe|intensity)(?: level)? ?(?:of )?(\\d{1,2})(?: ?/ ?10)?\\b`,
    (said, [how, to]) => once(said, 'effort', { to: Math.min(10, Number(to)), rising: how === 'to ' }),
  ),
  rule(`(to |@ ?|at )\\b(\\d{1,2}) ?/ ?10\\b(?: effort| rpe)?`, (said, [how, to]) =>
    once(said, 'effort', { to: Math.min(10, Number(to)), rising: how === 'to ' }),
  ),
  rule(`\\b(\\d{1,2}) ?/ ?10 (?:effort|rpe|intensity)\\b`, (said, [to]) =>
    once(said, 'effort', { to: Math.min(10, Number(to)), rising: false }),
  ),
  rule(
    `(?:@ ?|\\b(?:at|with) )?(?:\\ba )?(?:\\b2 ?x ?)?\\b(\\d+(?:\\.\\d+)?) ?(kgs?|kilos?|lbs?|pounds?)(?![a-z])`,
    (said, [amount = '', unit = '']) =>
      once(said, 'load', { amount: Number(amount), unit: unit.startsWith('k') ? 'kg' : 'lb' }),
  ),
  rule(
    '\\b(?:an? )?(light|easy|thin|medium|heavy|strong|thick) (?=(?:(?:mini|loop|long|resistance|red|green|blue|black|yellow) )?bands?\\b)',
    (said, [how = '']) => once(said, 'band', STRENGTH_WORDS[how] ?? 'medium'),
  ),

  // What people are on.
  rule(
    '(?:@ ?|\\b(?:at|on a|from a) )?\\b(\\d+(?:\\.\\d+)?) ?(?:-? ?)(cm|inch(?:es)?|in(?= ?(?:$|[,;)]|high|box|step)))(?![a-z])(?: high)?',
    (said, [amount = '', unit = '']) =>
      once(said, 'height', { amount: Number(amount), unit: unit.startsWith('i') ? 'in' : 'cm' }),
  ),

  // How it grows while it is done.
  rule(
    '\\b(?:from )?(?:small|little|tiny|short) (?:to|then|->) (?:big|large|bigger|larger|wide|full|long)(?: (?:range|circles|swings))?\\b|\\b(?:getting|going) (?:bigger|larger|wider)\\b|\\b(?:increase|increasing|build(?:ing)?) (?:the )?range\\b',
    (said) => once(said, 'growing', 'small to big'),
  ),
  rule(
    '\\b(?:from )?slow (?:to|then|->) (?:fast|quick|faster|quicker)\\b|\\b(?:getting|going) (?:faster|quicker)\\b|\\b(?:increase|increasing|build(?:ing)?) (?:the )?(?:speed|pace)\\b',
    (said) => once(said, 'growing', 'slow to fast'),
  ),
  rule(
    '\\b(?:from )?(?:easy|light|gentle) (?:to|then|->) (?:hard|harder|strong|full)\\b|\\b(?:getting|going) harder\\b',
    (said) => once(said, 'growing', 'easy to hard'),
  ),
];

/** What coaches call the strength of a band. Common practice, no source. */
const STRENGTH_WORDS: Readonly<Record<string, BandStrength>> = {
  light: 'light',
  easy: 'light',
  thin: 'light',
  medium: 'medium',
  heavy: 'heavy',
  strong: 'heavy',
  thick: 'heavy',
};
