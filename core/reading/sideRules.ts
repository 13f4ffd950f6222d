import { andThen, once, perhapsName, rule, type SpokenRule } from './spokenRule.ts';

const PART = '(?:side|leg|arm|hand|foot|knee|way|direction|dir|ankle|hip|shoulder|wrist|elbow|limb)s?(?![a-z])';

/** How the two sides are taken. */
export const SIDE_RULES: readonly SpokenRule[] = [
  // Sides.
  rule(
    `(?:(?:\\be ?)?/ ?|\\b(?:per|each|every|either|in each|on each|to each|for each|on either|to either|e) )${PART}`,
    (said) => once(said, 'sides', 'each'),
  ),
  rule(`(?<=\\d|seconds|reps?|times|x) a ${PART}`, (said) => once(said, 'sides', 'each')),
  rule(
    `\\b(?:both (?:sides|ways|directions)|(?:left and right|right and left)(?! (?:foot|hand))|l ?[/&+] ?r|r ?[/&+] ?l)\\b`,
    (said) => once(said, 'sides', 'each'),
  ),
  rule('(?<=(?:\\d|seconds) )es\\b', (said) => once(said, 'sides', 'each')),
  rule('(?<=\\d)/s(?![a-z/])', (said) => once(said, 'sides', 'each')),
  rule(`\\b(?:e/s|p/s|e\\.s\\b\\.?|p\\.s\\b\\.?)`, (said) => once(said, 'sides', 'each')),
  // "6 e", "30s e": nothing is called so.
  rule('(?<=(?:\\d|seconds|reps?|m) )e(?= ?(?:$|[,;)¦]))', (said) => once(said, 'sides', 'each')),
  rule(`\\b(?:ea|each)\\b\\.?`, (said) =>
    andThen(once(said, 'sides', 'each'), () => {
      said.ofWhat = false;
    }),
  ),
  rule(`\\balt(?:ernat(?:e|es|ing|ely))?\\b(?: (?:${PART}))?`, (said) => {
    perhapsName(said, 'altern');
    if (said.sides === 'each' || said.sides === undefined) said.sides = said.sides === 'each' ? 'each' : 'alternate';
    return true;
  }),
  rule(`\\b(?:in (?:all|total)|total(?: of)?|altogether|overall)\\b`, (said) => once(said, 'inAll', true)),
];
